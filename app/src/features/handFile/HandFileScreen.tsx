import { router } from 'expo-router';
import { useMemo, useState } from 'react';
import type { HandFile } from '@open-palm/contract';
import { gripFacts, gripOf } from '@open-palm/records/grip';
import { findHold } from '@open-palm/records/holds';
import { InstrumentChoices } from '../../assessment/instrument/InstrumentChoices';
import { PainNotice } from '../../assessment/painFlags/PainNotice';
import { studioNow } from '../../foundation/api/clock';
import { useLessonLog } from '../../foundation/api/lessonLog';
import { useHandFile } from '../../foundation/api/queries';
import { BackHeader } from '../../foundation/kit/BackHeader';
import { Columns } from '../../foundation/kit/Columns';
import { useLetterKeys } from '../../foundation/kit/letterKeys';
import { Loaded } from '../../foundation/kit/Loaded';
import { Screen } from '../../foundation/kit/Screen';
import { Text } from '../../foundation/kit/Text';
import { strings } from '../../foundation/strings';
import { agoWords } from '../../foundation/strings/dateWords';
import { holdName } from '../../foundation/strings/holdWords';
import { DriftLine } from './glance/DriftLine';
import { Glance } from './glance/Glance';
import { HandFileSections, type ProgressPart } from './sections/HandFileSections';
import { SECTIONS, useSection } from './sections/rememberedSection';
import { KeysLine } from './KeysLine';
import { ToolsFooter } from './ToolsFooter';

const words = strings.handFile;

/**
 * A student's hand file. At a glance: how the hold looks, the one thing to work on, the sentence to say. Below, one section at a time: how it
 * stands now, the weeks, what was agreed and is practised, every look.
 */
export function HandFileScreen({
  studentId,
  setupId,
  Progress,
}: {
  studentId: string;
  setupId?: string;
  Progress: ProgressPart;
}) {
  const handFile = useHandFile(studentId, setupId);
  return (
    <Loaded from={handFile}>
      {(data) => <HandFileView handFile={data} now={studioNow()} Progress={Progress} />}
    </Loaded>
  );
}

function HandFileView({
  handFile,
  now,
  Progress,
}: {
  handFile: HandFile;
  now: Date;
  Progress: ProgressPart;
}) {
  const { student, setupId, ownHolds, lastSeen } = handFile;
  const setup = student.setups.find(({ id }) => id === setupId)!;
  const taught = findHold(setup.holdId, ownHolds);
  const facts = gripFacts(gripOf(student, setup, taught, null), taught, null);
  const seen = useMemo(
    () =>
      lastSeen.map(({ latest: { checkId, context, merged } }) => ({ checkId, context, merged })),
    [lastSeen],
  );
  const log = useLessonLog(handFile);
  const [section, setSection] = useSection();
  const [showsTools, setShowsTools] = useState(false);
  const look = () => router.navigate(`/students/${student.id}/check?setup=${setupId}`);
  useLetterKeys({
    l: look,
    t: () => setShowsTools(!showsTools),
    ...Object.fromEntries(SECTIONS.map((one, i) => [String(i + 1), () => setSection(one)])),
  });
  return (
    <Screen
      columns
      footer={
        <ToolsFooter handFile={handFile} isOpen={showsTools} onOpen={setShowsTools} onLook={look} />
      }
    >
      <BackHeader
        title={student.name}
        under={studentLine(handFile, holdName(taught), now)}
        backLabel={strings.nav.back}
        onBack="/students"
      />
      <PainNotice log={log} now={now} />
      <DriftLine
        studentId={student.id}
        setupId={setupId}
        now={now}
        onWeeks={() => setSection('weeks')}
      />
      <InstrumentChoices setups={student.setups} ownHolds={ownHolds} setupId={setupId} />
      <Columns picture={<Glance handFile={handFile} facts={facts} seen={seen} log={log} />}>
        <HandFileSections
          section={section}
          onSection={setSection}
          handFile={handFile}
          facts={facts}
          seen={seen}
          log={log}
          now={now}
          Progress={Progress}
        />
        <Text variant="small" second>
          {strings.cautions.pain}
        </Text>
        <KeysLine />
      </Columns>
    </Screen>
  );
}

function studentLine({ student, setupId, history }: HandFile, hold: string, now: Date): string {
  const [latest] = history;
  const setup = student.setups.find(({ id }) => id === setupId)!;
  return [
    strings.instruments[setup.instrument],
    hold,
    ...(setup.bowSize === '4/4' ? [] : [words.bow(strings.bowSizes[setup.bowSize])]),
    ...(student.birthYear === null ? [] : [words.age(now.getFullYear() - student.birthYear)]),
    latest ? words.lookedAt(agoWords(latest.takenAt, now)) : words.neverLooked,
  ].join(' · ');
}
