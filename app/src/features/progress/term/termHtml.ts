import type { PaperTerm } from '@open-palm/contract';
import type { CardFigure } from '@open-palm/card/data';
import { FAMILIES } from '@open-palm/core/measure';
import { termChart } from '@open-palm/records/term';
import { escaped } from '@open-palm/card/page';

/** The two hands, drawn. */
export interface TermFigures {
  then: CardFigure;
  now: CardFigure;
}

/** A term's page as HTML: what is shown beside its words, and printed. It needs {@link TERM_CSS}. */
export function termHtml(page: PaperTerm, figures: TermFigures | null): string {
  const { words, heads } = page;
  return [
    '<article class="page">',
    `<h2>${escaped(words.title)}</h2>`,
    `<p class="dates">${escaped(heads.dates)}</p>`,
    words.opening === '' ? '' : `<p>${escaped(words.opening)}</p>`,
    handsHtml(page, figures),
    chartsHtml(page),
    listHtml(heads.changed, words.changed),
    listHtml(
      heads.worked,
      words.worked.map((cue) => `“${cue}”`),
    ),
    listHtml(heads.practised, words.practised === null ? [] : [words.practised]),
    words.help === ''
      ? ''
      : `<section class="help"><h3>${escaped(heads.help)}</h3><p>${escaped(words.help)}</p></section>`,
    `<p class="small">${escaped(heads.caution)}</p>`,
    '</article>',
  ].join('');
}

function handsHtml({ heads }: PaperTerm, figures: TermFigures | null): string {
  if (!figures) return '';
  const hand = (end: 'then' | 'now') =>
    `<figure><svg viewBox="${escaped(figures[end].viewBox)}" role="img" aria-label="${escaped(heads[end])}">${figures[end].body}</svg><figcaption>${escaped(heads[end])}</figcaption></figure>`;
  return `<div class="hands">${hand('then')}${hand('now')}</div><p class="small mid">${escaped(heads.dashed)}</p>`;
}

function chartsHtml({ words, heads, charts }: PaperTerm): string {
  const shown = FAMILIES.filter((family) => words.families[family] !== undefined);
  if (shown.length === 0) return '';
  const one = (family: (typeof FAMILIES)[number]) =>
    `<section><h3>${escaped(heads.families[family])}</h3>${chartSvg(charts[family] ?? [])}<p>${escaped(words.families[family]!)}</p></section>`;
  return `<div class="families">${shown.map(one).join('')}</div><p class="small">${escaped(heads.chart)}</p>`;
}

/** Words say what it shows: the line under it is the family's. */
function chartSvg(points: NonNullable<PaperTerm['charts']['thumb']>): string {
  if (points.length === 0) return '';
  const { width, height, band, edge, whiskers, marks, halves } = termChart(points);
  const path = (d: string, kind: string) => (d === '' ? '' : `<path d="${d}" class="${kind}"/>`);
  return [
    `<svg viewBox="0 0 ${width} ${height}" aria-hidden="true">`,
    path(band, 'band'),
    path(edge, 'edge'),
    path(whiskers, 'whiskers'),
    ...Object.entries(marks).map(([state, d]) => path(d, state)),
    path(halves, 'half'),
    '</svg>',
  ].join('');
}

function listHtml(heading: string, lines: readonly string[]): string {
  if (lines.length === 0) return '';
  const items = lines.map((line) => `<li>${escaped(line)}</li>`).join('');
  return `<section><h3>${escaped(heading)}</h3><ul>${items}</ul></section>`;
}

/** Paper is white in the evening, too. */
export const TERM_CSS = `
.page { box-sizing: border-box; background: #fff; color: #1e1b16; padding: 20px; max-width: 760px;
  margin: 0 auto; font: 400 15px/1.4 AtkinsonHyperlegibleNext_400Regular, sans-serif; overflow-wrap: anywhere; }
.page * { box-sizing: border-box; margin: 0; }
h2 { font: 600 24px/1.25 Besley_600SemiBold, serif; }
h3 { font: 600 16px/1.3 Besley_600SemiBold, serif; margin-bottom: 4px; }
.page > * + * { margin-top: 12px; }
.page > .dates { margin-top: 2px; color: #5a5247; }
.small { font-size: 13px; color: #5a5247; }
.page > .small { margin-top: 6px; }
.mid { text-align: center; }
.hands { display: flex; gap: 16px; justify-content: center; }
figure { flex: 1; max-width: 300px; }
figure svg { width: 100%; height: auto; display: block; }
figcaption { text-align: center; }
.families { display: grid; grid-template-columns: 1fr 1fr; gap: 12px 18px; }
.families svg { width: 100%; height: auto; display: block; margin-bottom: 4px; }
ul { padding-left: 20px; }
li::marker { color: #b4690e; }
.help { border: 1px solid #b8ae9c; border-radius: 12px; padding: 10px 14px; break-inside: avoid; }
.help h3 { color: #6b4308; }
.band { fill: #0f766e; opacity: 0.14; }
.edge { stroke: #0f766e; stroke-width: 1.2; fill: none; }
.whiskers { stroke: #5a5247; stroke-width: 0.9; opacity: 0.6; fill: none; }
.in { fill: #0f766e; }
.out { fill: #a8321a; }
.unsure { fill: #fff; stroke: #8a6100; stroke-width: 1.3; }
.none { fill: #fff; stroke: #5a5247; stroke-width: 1.3; }
.half { fill: #8a6100; }
@media print {
  .page { max-width: none; padding: 0; font-size: 10.5pt; }
  .page > * + * { margin-top: 8px; }
  .hands figure { max-width: 165pt; }
  .families { gap: 6px 18px; }
  .families svg { width: 72%; }
  .families section, li { break-inside: avoid; }
}
`;
