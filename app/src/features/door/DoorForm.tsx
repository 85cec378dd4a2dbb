import type { ReactNode } from 'react';
import { Button } from '../../foundation/kit/Button';
import { Notice } from '../../foundation/kit/Notice';
import { Screen } from '../../foundation/kit/Screen';
import { Text } from '../../foundation/kit/Text';
import type { Step } from './useStep';

/** A form at the door: what is asked, the one step that it takes, and why that failed. */
export function DoorForm({
  title,
  done,
  isWhole,
  step,
  children,
  after,
}: {
  title: string;
  /** What the step is called. */
  done: string;
  /** Whether everything that it needs is there. */
  isWhole: boolean;
  step: Step;
  children: ReactNode;
  /** Below what is asked and what failed. */
  after?: ReactNode;
}) {
  return (
    <Screen
      footer={
        <Button
          label={done}
          primary
          busy={step.busy}
          disabled={!isWhole}
          onPress={step.take}
          style={{ flex: 1 }}
        />
      }
    >
      <Text variant="title">{title}</Text>
      {children}
      {step.problem === null ? null : <Notice tone="out">{step.problem}</Notice>}
      {after}
    </Screen>
  );
}
