import { useRef, useState } from 'react';
import { View } from 'react-native';
import type { Student } from '@open-palm/contract';
import type { Hold } from '@open-palm/core/holds';
import { BackHeader } from '../../foundation/kit/BackHeader';
import { Button } from '../../foundation/kit/Button';
import { Card } from '../../foundation/kit/Card';
import { Screen } from '../../foundation/kit/Screen';
import { Text } from '../../foundation/kit/Text';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { space } from '../../foundation/kit/tokens';
import { OnPencil } from '../../drawing/portrait/onPencil';
import { strings } from '../../foundation/strings';
import { figureOf } from './buildingFigures';
import { pencilSteps } from './pencilSteps';
import { StepDrawing } from './StepDrawing';

const words = strings.build;

/** One drawn step a screen; each is ticked off, the whole is timed, and repeated as often as was wanted. */
export function BuildSteps({
  hold,
  order,
  isPencil,
  rounds,
  student,
  onBuilt,
  onBack,
  onLeave,
}: {
  hold: Hold;
  order: Hold['building'][number];
  /** The same steps on a pencil or a thick marker, without the frog. */
  isPencil: boolean;
  rounds: number;
  student: Student;
  onBuilt: (rounds: number, seconds: number) => void;
  onBack: () => void;
  onLeave: () => void;
}) {
  const steps = isPencil ? pencilSteps(order.steps) : order.steps;
  const startedAt = useRef<number | null>(null);
  const [round, setRound] = useState(1);
  const [at, setAt] = useState(0);
  const [took, setTook] = useState<number | null>(null);
  const tick = () => {
    startedAt.current ??= performance.now();
    if (at + 1 < steps.length) return setAt(at + 1);
    if (round < rounds) {
      setRound(round + 1);
      return setAt(0);
    }
    const seconds = Math.round((performance.now() - startedAt.current) / 100) / 10;
    setTook(seconds);
    return onBuilt(rounds, seconds);
  };
  const again = () => {
    startedAt.current = null;
    setTook(null);
    setRound(1);
    setAt(0);
  };
  if (took !== null) {
    return (
      <Screen
        footer={
          <>
            <Button label={words.again} onPress={again} />
            <Button label={words.leave} primary onPress={onLeave} style={{ flex: 1 }} />
          </>
        }
      >
        <BackHeader title={words.finished} backLabel={strings.nav.back} onBack={onBack} />
        <OnPencil value={isPencil}>
          <StepDrawing
            figure={figureOf(steps, steps.indexOf('test'))}
            hold={hold}
            student={student}
            label={words.finished}
          />
        </OnPencil>
        <Text>{words.finishedText(rounds, took.toFixed(1))}</Text>
      </Screen>
    );
  }
  const step = steps[at]!;
  const name = (isPencil ? strings.pencilWords[step] : undefined) ?? strings.steps[step] ?? step;
  return (
    <Screen
      footer={
        <>
          <Button
            label={words.back}
            disabled={at === 0}
            onPress={() => setAt(at - 1)}
            compact
            style={{ flex: 0.6 }}
          />
          <Button label={words.done} icon="check" primary onPress={tick} style={{ flex: 1 }} />
        </>
      }
    >
      <BackHeader
        title={name}
        under={[
          words.step(at + 1, steps.length),
          ...(rounds > 1 ? [words.round(round, rounds)] : []),
        ].join(' · ')}
        backLabel={strings.nav.back}
        onBack={onBack}
      />
      <Card style={{ padding: 0, overflow: 'hidden' }}>
        <OnPencil value={isPencil}>
          <StepDrawing
            figure={figureOf(steps, at)}
            hold={hold}
            student={student}
            label={words.figure(name)}
          />
        </OnPencil>
      </Card>
      <Ticks done={at} all={steps.length} />
    </Screen>
  );
}

/** How far it is, as a row of marks: done ones are filled. */
function Ticks({ done, all }: { done: number; all: number }) {
  const tokens = useTokens();
  return (
    <View
      role="progressbar"
      aria-label={words.step(done + 1, all)}
      aria-valuenow={done}
      aria-valuemin={0}
      aria-valuemax={all}
      style={{ flexDirection: 'row', gap: space(1), justifyContent: 'center' }}
    >
      {Array.from({ length: all }, (_, i) => (
        <View
          key={i}
          style={{
            width: 18,
            height: 8,
            borderRadius: 4,
            borderWidth: 1,
            borderColor: tokens.in,
            backgroundColor: i < done ? tokens.in : 'transparent',
          }}
        />
      ))}
    </View>
  );
}
