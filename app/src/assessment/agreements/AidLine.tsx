import type { ReactNode } from 'react';
import { Pressable, View } from 'react-native';
import { Icon } from 'react-native-paper';
import type { LogEntryOf } from '@open-palm/contract';
import { stepsDone } from '@open-palm/records/log';
import { dateOfDay, dayOfDate } from '@open-palm/records/time';
import { aidById, aidPlan } from '@open-palm/core/practice';
import type { LessonLog } from '../../foundation/api/lessonLog';
import { Text } from '../../foundation/kit/Text';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { space, TOUCH } from '../../foundation/kit/tokens';
import { strings } from '../../foundation/strings';
import { dateWords } from '../../foundation/strings/dateWords';
import { FINGER_MARKS } from './AidForm';
import { dateOf } from './dueDates';

const words = strings.agreements;

/** An aid in use, with the steps of doing without it, each by its day. */
export function AidLine({
  aid: entry,
  map,
  log,
  now,
}: {
  aid: LogEntryOf<'aid'>;
  /** Where the dots of finger marks go. */
  map: ReactNode;
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
      {aid.id === FINGER_MARKS ? map : null}
      {aid.steps.map((step, i) => (
        <Pressable
          key={step}
          role="checkbox"
          aria-checked={done[i]!}
          aria-label={words.step(strings.aidSteps[step], dateWords(dateOfDay(days[i]!), now))}
          onPress={() =>
            void log.add({ kind: 'aidStep', of: entry.id, step: i + 1, done: !done[i] })
          }
          style={{ flexDirection: 'row', alignItems: 'center', gap: space(2), minHeight: TOUCH }}
        >
          <Icon
            source={done[i] ? 'checkbox-marked-circle' : 'checkbox-blank-circle-outline'}
            size={26}
            color={done[i] ? tokens.in : tokens.ink}
          />
          <View style={{ flex: 1 }}>
            <Text>{strings.aidSteps[step]}</Text>
            <Text variant="small" second>
              {words.by(dateWords(dateOfDay(days[i]!), now))}
            </Text>
          </View>
        </Pressable>
      ))}
    </View>
  );
}
