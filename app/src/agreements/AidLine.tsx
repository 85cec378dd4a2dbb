import { View } from 'react-native';
import { dateOfDay, dayOfDate, stepsDone, type LogEntryOf } from '@open-palm/contract';
import { aidById, aidPlan } from '@open-palm/core/practice';
import type { LessonLog } from '../api/lessonLog';
import { Choice } from '../kit/Choice';
import { Text } from '../kit/Text';
import { useTokens } from '../kit/ThemeProvider';
import { space } from '../kit/tokens';
import { strings } from '../strings';
import { dateWords } from '../strings/dateWords';
import { dateOf } from './dueDates';

const words = strings.agreements;

/** An aid in use, with the steps of doing without it, each by its day. */
export function AidLine({
  aid: entry,
  log,
  now,
}: {
  aid: LogEntryOf<'aid'>;
  log: LessonLog;
  now: Date;
}) {
  const tokens = useTokens();
  const aid = aidById(entry.aid);
  const done = stepsDone(entry, log.entries);
  const days = aidPlan(aid, dayOfDate(entry.from), dayOfDate(entry.off));
  const isLate = entry.off < dateOf(now);
  return (
    <View style={{ gap: space(1) }}>
      <Text>{strings.aids[aid.id] ?? aid.id}</Text>
      <Text variant="small" {...(isLate ? { color: tokens.out } : { second: true })}>
        {(isLate ? words.aidLate : words.aidLine)(
          dateWords(entry.from, now),
          dateWords(entry.off, now),
        )}
        {isLate ? ` ${words.aidStays}` : ''}
      </Text>
      <View style={{ gap: space(1) }}>
        {aid.steps.map((step, i) => (
          <Choice
            key={step}
            role="checkbox"
            label={words.step(strings.aidSteps[step], dateWords(dateOfDay(days[i]!), now))}
            chosen={done[i]!}
            onPress={() =>
              void log.add({ kind: 'aidStep', of: entry.id, step: i + 1, done: !done[i] })
            }
          />
        ))}
      </View>
    </View>
  );
}
