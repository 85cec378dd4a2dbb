import type { ReactNode } from 'react';
import type { PlanAnswer } from '@open-palm/core/practice/plan';
import { Notice } from '../../../foundation/kit/Notice';
import { Text } from '../../../foundation/kit/Text';
import { strings } from '../../../foundation/strings';

const words = strings.practice;

/** The plan, or that it is worked out, or why there is none and what can be done about it. */
export function PlanOutcome({
  answer,
  isFailed,
  onAgain,
  onFree,
  children,
}: {
  answer: PlanAnswer | null;
  isFailed: boolean;
  onAgain: () => void;
  /** Takes back what the teacher has settled. */
  onFree: () => void;
  /** The plan. */
  children: ReactNode;
}) {
  if (isFailed) {
    return (
      <Notice tone="out" action={{ label: strings.loading.retry, onPress: onAgain }}>
        {words.failed}
      </Notice>
    );
  }
  if (answer === null) return <Text second>{words.solving}</Text>;
  if (answer.kind === 'plan') return children;
  return (
    <Notice
      tone={answer.why === 'hurts' ? 'out' : 'amber'}
      {...(answer.why === 'lockedTooMuch'
        ? { action: { label: words.takeBack, onPress: onFree } }
        : {})}
    >
      {words.none[answer.why]}
    </Notice>
  );
}
