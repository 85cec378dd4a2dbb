import { useState } from 'react';
import type { HandFile, Paper, TermReader, TermWords } from '@open-palm/contract';
import { TERM_READERS } from '@open-palm/contract/termPage';
import { InstrumentChoices } from '../../../assessment/instrument/InstrumentChoices';
import { askFile } from '../../../foundation/api/client';
import type { LessonLog } from '../../../foundation/api/lessonLog';
import { paths } from '../../../foundation/api/paths';
import { BackHeader } from '../../../foundation/kit/BackHeader';
import { Button } from '../../../foundation/kit/Button';
import { Columns } from '../../../foundation/kit/Columns';
import { Notice } from '../../../foundation/kit/Notice';
import { saveFile } from '../../../foundation/kit/saveFile';
import { Screen } from '../../../foundation/kit/Screen';
import { Text } from '../../../foundation/kit/Text';
import { strings } from '../../../foundation/strings';
import { holdName } from '../../../foundation/strings/holdWords';
import { termWords } from '../../../foundation/strings/term';
import type { Followed } from '../followed';
import { GivenBefore } from './GivenBefore';
import { givenWords } from './givenWords';
import { GiveTerm } from './GiveTerm';
import { printPage } from '../../../foundation/kit/printPage';
import { ReaderChoices, TermChoicesCard } from './TermChoicesCard';
import { TERM_CSS } from './termHtml';
import { termFile } from './termPaper';
import { TermSheet } from './TermSheet';
import { pagesGiven } from './termTime';
import { TermWording } from './TermWording';
import type { TermChoices, TermKeeper } from './useTermDraft';
import { useTermPage } from './useTermPage';

/** A page of a term: what it tells of, for whom, and its words; the page itself as it is given stands first. */
export function TermEditor({
  handFile,
  followed,
  log,
  today,
  first,
  keeper,
}: {
  handFile: HandFile;
  followed: Followed;
  log: LessonLog;
  today: string;
  /** What a page begins with. */
  first: TermChoices;
  keeper: TermKeeper;
}) {
  const { student, setupId, ownHolds } = handFile;
  const setup = student.setups.find(({ id }) => id === setupId)!;
  const [choices, setChoices] = useState(first);
  const [problem, setProblem] = useState<string | null>(null);
  const [isBusy, setBusy] = useState(false);
  const page = useTermPage(handFile, followed, log, today, choices);
  const { reader, view, edits, from, until } = choices;
  const choose = (more: Partial<TermChoices>) => {
    const next = { ...choices, ...more };
    setChoices(next);
    setProblem(null);
    keeper.keep(next);
  };
  /** What is the teacher's own, as it stands beside what the looks say now. */
  const ownNow = (): Partial<TermWords> =>
    Object.fromEntries(
      Object.keys(edits[reader]?.own ?? {}).map((part) => [
        part,
        page.words[part as keyof TermWords],
      ]),
    );
  const change = (more: Partial<TermWords>) =>
    choose({
      edits: { ...edits, [reader]: { own: { ...ownNow(), ...more }, base: page.draft } },
    });

  /** Gives the page as its words stand, and writes down what was told. */
  const give = async (by: (words: TermWords) => Promise<void>) => {
    const given = givenWords(page.words);
    if ('problem' in given) return setProblem(given.problem);
    setProblem(null);
    setBusy(true);
    try {
      await by(given.words);
      const told = { reader, view, from, until, words: given.words };
      const [newest] = pagesGiven(log.entries);
      if (!newest || !isSame(newest, told)) await log.add({ kind: 'term', ...told });
      keeper.drop();
    } catch {
      setProblem(termWords.failed);
    } finally {
      setBusy(false);
    }
  };
  const print = () =>
    give(async (words) => {
      printPage(page.htmlOf(words), TERM_CSS);
    });
  const pdf = (paper: Paper) =>
    give(async (words) =>
      saveFile(await askFile(paths.termPdf, page.paperOn(paper, words)), termFile(choices)),
    );
  const isEmpty = page.looks.length === 0;
  return (
    <Screen
      columns
      footer={
        <GiveTerm
          isReady={!isEmpty && page.handsAre !== 'drawing'}
          isBusy={isBusy}
          onPrint={() => void print()}
          onPdf={(paper) => void pdf(paper)}
        />
      }
    >
      <BackHeader
        title={termWords.title}
        under={`${student.name} · ${strings.students.line(strings.instruments[setup.instrument], holdName(page.taught))}`}
        backLabel={strings.nav.back}
        onBack={`/students/${student.id}/weeks?setup=${setupId}`}
      />
      <InstrumentChoices setups={student.setups} ownHolds={ownHolds} setupId={setupId} />
      {problem === null ? null : (
        <Notice tone="out" title={termWords.notGiven}>
          {problem}
        </Notice>
      )}
      <ReaderChoices reader={reader} onChoose={choose} />
      <Columns
        picture={
          isEmpty ? (
            <Notice>{termWords.noLook}</Notice>
          ) : (
            <>
              {page.looks.length === 1 ? <Notice>{termWords.oneLook}</Notice> : null}
              {page.handsAre === 'failed' ? <Notice>{termWords.notDrawn}</Notice> : null}
              <TermSheet html={page.htmlOf()} />
              {page.handsAre === 'drawing' ? (
                <Text variant="small" second>
                  {termWords.drawing}
                </Text>
              ) : null}
            </>
          )
        }
      >
        <TermChoicesCard
          choices={choices}
          hand={page.taught.hand}
          today={today}
          onChoose={(more) =>
            choose({ ...more, ...('from' in more ? { edits: based(edits, page.draftFor) } : {}) })
          }
        />
        <TermWording words={page.words} practisedLine={page.draft.practised} onChange={change} />
        {edits[reader] ? (
          <>
            <Button
              label={termWords.anew}
              icon="restore"
              onPress={() =>
                choose({
                  edits: Object.fromEntries(
                    Object.entries(edits).filter(([one]) => one !== reader),
                  ),
                })
              }
            />
            <Text variant="small" second>
              {termWords.anewHelp}
            </Text>
          </>
        ) : null}
        <GivenBefore
          pages={pagesGiven(log.entries)}
          onOpen={(before) =>
            choose({
              from: before.from,
              until: before.until,
              reader: before.reader,
              view: before.view,
              edits: { ...edits, [before.reader]: { own: before.words, base: null } },
            })
          }
        />
      </Columns>
    </Screen>
  );
}

/** A page that was taken up as it was given follows the looks from where its days are changed. */
const based = (
  edits: TermChoices['edits'],
  draftFor: (reader: TermReader) => TermWords,
): TermChoices['edits'] =>
  Object.fromEntries(
    TERM_READERS.flatMap((reader) => {
      const edit = edits[reader];
      return edit ? [[reader, { ...edit, base: edit.base ?? draftFor(reader) }]] : [];
    }),
  );

type Told = Omit<TermChoices, 'edits'> & { words: TermWords };

const isSame = (one: Told, other: Told): boolean => told(one) === told(other);
const told = ({ reader, view, from, until, words }: Told): string =>
  JSON.stringify([reader, view, from, until, sorted(words)]);
/** The studio may give the parts back in another order. */
const sorted = (words: TermWords) =>
  Object.entries({ ...words, families: Object.entries(words.families).sort() }).sort();
