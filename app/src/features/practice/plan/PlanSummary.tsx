import type { Plan, Relaxed } from '@open-palm/core/practice/plan';
import { dateOfDay } from '@open-palm/records/time';
import { Card } from '../../../foundation/kit/Card';
import { Text } from '../../../foundation/kit/Text';
import { space } from '../../../foundation/kit/tokens';
import { strings } from '../../../foundation/strings';
import { dateWords } from '../../../foundation/strings/dateWords';
import { LimitLine } from './LimitLine';
import { restsOf } from './planPhases';

const words = strings.practice;

/** What a plan is for, when it rests, and what holds it back. */
export function PlanSummary({
  plan,
  causes,
  limits,
  now,
}: {
  plan: Plan;
  causes: Readonly<Record<string, number>>;
  limits: readonly Relaxed[] | null;
  now: Date;
}) {
  const rests = restsOf(plan);
  const names = Object.keys(causes).map((id) => strings.causes[id] ?? id);
  return (
    <Card style={{ gap: space(2) }}>
      {names.length === 0 ? null : <Text variant="small">{words.worksOn(names.join(', '))}</Text>}
      {rests.length === 0 ? null : (
        <Text variant="small">
          {words.restDays(rests.map((day) => dateWords(dateOfDay(day), now)).join(', '))}
        </Text>
      )}
      <LimitLine limits={limits} />
    </Card>
  );
}
