import { useState } from 'react';
import type { Student, TestResult } from '@open-palm/contract';
import type { Hold } from '@open-palm/core/holds';
import { RE_FORM_TIMES, type WholeHandTest } from '@open-palm/core/practice';
import { BackHeader } from '../../../foundation/kit/BackHeader';
import { Button } from '../../../foundation/kit/Button';
import { Notice } from '../../../foundation/kit/Notice';
import { Screen } from '../../../foundation/kit/Screen';
import { Text } from '../../../foundation/kit/Text';
import { useScreenAwake } from '../../../foundation/kit/useScreenAwake';
import { strings } from '../../../foundation/strings';
import { MetronomeBar } from './metronome/MetronomeBar';
import { RecorderInput } from './RecorderInput';
import type { Recording } from './recording';

const words = strings.testing;
const USUAL_BPM = 60;

/** One whole-hand test: what is done, and what is recorded of it. */
export function TestStep({
  test,
  hold,
  student,
  advice,
  canCompare,
  onCompare,
  onKeep,
  onBack,
}: {
  test: WholeHandTest;
  hold: Hold;
  student: Student;
  /** Where to begin it, if that is known. */
  advice: string | null;
  canCompare: boolean;
  onCompare: () => void;
  onKeep: (result: TestResult) => void;
  onBack: () => void;
}) {
  useScreenAwake();
  const [recording, setRecording] = useState<Recording>({});
  const [bpm, setBpm] = useState(USUAL_BPM);
  // Forming the hold again has a way of its own through its five times.
  const isUnderWay =
    test.records.some(({ kind }) => kind === 'placements') && !isRecorded(test, recording);
  const compares = test.records.some(({ kind }) => kind === 'comparison');
  const keep = () => {
    const { tries, ...result } = recording;
    onKeep({
      ...result,
      ...(tries ? { clean: tries.filter(Boolean).length } : {}),
      ...(test.metronome ? { bpm } : {}),
    });
  };
  return (
    <Screen
      footer={
        compares ? (
          <Button
            label={words.compare}
            primary
            disabled={!canCompare}
            onPress={onCompare}
            style={{ flex: 1 }}
          />
        ) : isUnderWay ? undefined : (
          <Button
            label={words.keep}
            icon="check"
            primary
            disabled={!isRecorded(test, recording)}
            onPress={keep}
            style={{ flex: 1 }}
          />
        )
      }
    >
      <BackHeader
        title={strings.tests[test.id] ?? test.id}
        backLabel={strings.nav.back}
        onBack={onBack}
      />
      <Text>{words.whys[test.id]!}</Text>
      {test.overSoft ? <Text second>{words.overSoft}</Text> : null}
      {test.touches ? <Text second>{words.askFirst}</Text> : null}
      {advice === null ? null : <Notice title={strings.tipRaise.title}>{advice}</Notice>}
      {compares ? (
        <Notice>
          {canCompare ? words.compareHelp : words.noStart(strings.contexts['playing-start'])}
        </Notice>
      ) : (
        test.records.map((recorder, i) => (
          <RecorderInput
            key={i}
            recorder={recorder}
            hold={hold}
            student={student}
            recording={recording}
            onRecord={(more) => setRecording((now) => ({ ...now, ...more }))}
          />
        ))
      )}
      {test.metronome ? <MetronomeBar bpm={bpm} onBpm={setBpm} /> : null}
    </Screen>
  );
}

/** Whether the first thing that a test records was recorded: the rest may be left out. */
function isRecorded({ records }: WholeHandTest, recording: Recording): boolean {
  const [first] = records;
  switch (first?.kind) {
    case 'stopwatch':
      return recording.seconds !== undefined;
    case 'cleanOf':
      return recording.tries?.length === first.of;
    case 'downTo':
      return recording.downToDeg !== undefined;
    case 'steps':
      return recording.steps !== undefined;
    case 'question':
      return recording.answers?.[first.id] !== undefined;
    case 'placements':
      return recording.placements?.length === RE_FORM_TIMES;
    default:
      return false;
  }
}
