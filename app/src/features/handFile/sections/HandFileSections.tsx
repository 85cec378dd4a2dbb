import type { ComponentType } from 'react';
import { View } from 'react-native';
import type { HandFile } from '@open-palm/contract';
import type { gripFacts } from '@open-palm/records/grip';
import { openEntries } from '@open-palm/records/log';
import type { SeenMeasure } from '../../../assessment/advice/lesson';
import type { LessonLog } from '../../../foundation/api/lessonLog';
import { space } from '../../../foundation/kit/tokens';
import { strings } from '../../../foundation/strings';
import { HistoryList } from '../HistoryList';
import { LatestAgainstPrevious } from '../LatestAgainstPrevious';
import { RelaxedHandCard } from '../RelaxedHandCard';
import { AgreedSection } from './AgreedSection';
import { NowSection } from './NowSection';
import type { Section } from './rememberedSection';
import { SectionTabs } from './SectionTabs';

/** What was agreed and not kept yet, and aids that are still used. */
const openAgreements = (entries: LessonLog['entries']): number =>
  openEntries(entries).filter(({ kind }) => kind === 'promise' || kind === 'aid').length;

/** How a hold stands over the weeks: another family of screens, which the route brings along. */
export type ProgressPart = ComponentType<{ handFile: HandFile; log: LessonLog; now: Date }>;

/** What a hand file tells beside its first screen: one of four sections at a time. */
export function HandFileSections({
  section,
  onSection,
  handFile,
  facts,
  seen,
  log,
  now,
  Progress,
}: {
  section: Section;
  onSection: (section: Section) => void;
  handFile: HandFile;
  facts: Pick<ReturnType<typeof gripFacts>, 'hold' | 'hand'>;
  seen: readonly SeenMeasure[];
  log: LessonLog;
  now: Date;
  Progress: ProgressPart;
}) {
  const { student, relaxedHand, history, lastSeen } = handFile;
  return (
    <>
      <SectionTabs
        section={section}
        open={{ agreed: openAgreements(log.entries) }}
        onSection={onSection}
      />
      <View
        role="tabpanel"
        aria-label={strings.handFile.sections[section]}
        style={{ gap: space(3) }}
      >
        {section === 'now' ? (
          <NowSection handFile={handFile} seen={seen} log={log} now={now} />
        ) : null}
        {section === 'weeks' ? (
          <>
            {history.length > 1 ? <Progress handFile={handFile} log={log} now={now} /> : null}
            <LatestAgainstPrevious lastSeen={lastSeen} />
          </>
        ) : null}
        {section === 'agreed' ? (
          <AgreedSection handFile={handFile} facts={facts} log={log} now={now} />
        ) : null}
        {section === 'looks' ? (
          <>
            <HistoryList history={history} now={now} />
            <RelaxedHandCard student={student} relaxedHand={relaxedHand} now={now} />
          </>
        ) : null}
      </View>
    </>
  );
}
