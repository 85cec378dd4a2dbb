import { codeMarks } from './codeMarks';
import { dataNumbers } from './dataNumbers';
import type { Evidence, EvidenceRow } from './evidenceRow';
import { holdBands } from './holdBands';
import { judgedLinks, signLimits } from './judgedLinks';

const EVIDENCE: readonly Evidence[] = ['published', 'measured', 'practice', 'memory'];

const cell = (text: string): string => text.replace(/\|/g, '\\|');

const rowText = ({ what, value, evidence, source, used, decides }: EvidenceRow): string =>
  `| ${[what, value, source === '' ? evidence : `${evidence}: ${source}`, used, decides].map(cell).join(' | ')} |`;

const table = (rows: readonly EvidenceRow[]): string =>
  [
    '| What | Value | Evidence | Used in | Decides |',
    '| --- | --- | --- | --- | --- |',
    ...rows.map(rowText),
  ].join('\n');

const countText = (rows: readonly EvidenceRow[], evidence: Evidence): number =>
  rows.filter((row) => row.evidence === evidence).length;

/**
 * docs/evidence.md: every number that judges, with what it rests on.
 *
 * @param root the project's folder
 */
export function evidencePage(root: string): string {
  const parts: { title: string; says: string; rows: EvidenceRow[] }[] = [
    {
      title: 'Bands of the holds',
      says: 'What a hold wants of a checkpoint. Outside of them a checkpoint is out, as surely as its doubt allows.',
      rows: holdBands(),
    },
    {
      title: 'Signs and their causes',
      says: 'A link stands where teachers name the cause for the sign; how strong it is goes by its rank, and those four numbers are from memory.',
      rows: [...judgedLinks(), ...signLimits()],
    },
    {
      title: 'Numbers in data',
      says: 'They are changed in their file, not in code.',
      rows: dataNumbers(root),
    },
    {
      title: 'Numbers and rules in code',
      says: 'Each carries its mark where it stands.',
      rows: codeMarks(root, ['core', 'records', 'vision']),
    },
  ];
  const all = parts.flatMap(({ rows }) => rows);
  return [
    'Written by `npm run evidence` from the data and the marks in the code; a test holds it against them.',
    '# What every number rests on',
    'Published: a source says so, and is named; “recalled” where the source was not at hand. Measured: found by our own simulations, with rendered or invented hands. Practice: common among teachers, no source. Memory: an estimate, to be replaced by whoever measures it. Nothing is called better than it is.',
    [
      '| | published | measured | practice | memory | all |',
      '| --- | --- | --- | --- | --- | --- |',
      ...[...parts, { title: 'All', rows: all }].map(
        ({ title, rows }) =>
          `| ${[title, ...EVIDENCE.map((one) => countText(rows, one)), rows.length].join(' | ')} |`,
      ),
    ].join('\n'),
    ...parts.flatMap(({ title, says, rows }) => [`## ${title}`, says, table(rows)]),
    '',
  ].join('\n\n');
}
