import { router } from 'expo-router';
import { View } from 'react-native';
import type { Student } from '@open-palm/contract';
import { openPainFlags } from '@open-palm/records/log';
import { planDone, plansOf, practisedTurns } from '@open-palm/records/practice';
import { calendarDay, dateOfDay, zoneOf } from '@open-palm/records/time';
import { deviceZone } from '../../foundation/api/clock';
import type { LessonLog } from '../../foundation/api/lessonLog';
import { Button } from '../../foundation/kit/Button';
import { Card } from '../../foundation/kit/Card';
import { Text } from '../../foundation/kit/Text';
import { space } from '../../foundation/kit/tokens';
import { strings } from '../../foundation/strings';
import { dateWords } from '../../foundation/strings/dateWords';

const words = strings.practice;

/** The plan until the next lesson, and how much of it was done; or the way to one. */
export function PracticeCard({
  student,
  setupId,
  log,
  now,
}: {
  student: Student;
  setupId: string;
  log: LessonLog;
  now: Date;
}) {
  const today = dateOfDay(calendarDay(now, zoneOf(student, deviceZone())));
  const [plan] = plansOf(log.entries);
  const hurts = openPainFlags(log.entries).length > 0;
  const turns = plan ? practisedTurns(log.entries, plan.id) : [];
  const isCurrent = plan !== undefined && plan.lesson > today;
  const open = () => router.navigate(`/students/${student.id}/practice?setup=${setupId}`);
  const { daysDone, daysPlanned } = plan
    ? planDone(plan, turns, today)
    : { daysDone: 0, daysPlanned: 0 };
  const lines = [
    hurts
      ? words.card.rest
      : plan === undefined
        ? words.card.none
        : isCurrent
          ? words.until(dateWords(plan.lesson, now))
          : words.card.over(dateWords(plan.lesson, now)),
    ...(turns.length > 0 ? [words.log.days(daysDone, daysPlanned)] : []),
  ];
  return (
    <Card style={{ gap: space(2) }}>
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: space(2) }}>
        <View style={{ flex: 1 }}>
          <Text variant="strong" level={2}>
            {words.title}
          </Text>
          {lines.map((line) => (
            <Text key={line} variant="small" second>
              {line}
            </Text>
          ))}
        </View>
        <Button
          label={isCurrent ? words.card.see : words.card.make}
          icon="calendar-check-outline"
          compact
          onPress={open}
        />
      </View>
    </Card>
  );
}
