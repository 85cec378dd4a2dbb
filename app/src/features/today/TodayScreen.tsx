import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { IconButton } from 'react-native-paper';
import { useAccess } from '../../foundation/api/accessState';
import { lockScreen } from '../../foundation/api/lockScreen';
import { deviceZone } from '../../foundation/api/clock';
import { useMinute } from '../../foundation/api/useMinute';
import { useGroups, useStudents } from '../../foundation/api/queries';
import { useEntries } from '../../foundation/api/sync/useSync';
import { Button } from '../../foundation/kit/Button';
import { Later } from '../../foundation/kit/Later';
import { Loaded } from '../../foundation/kit/Loaded';
import { NavBar } from '../../foundation/kit/NavBar';
import { Notice } from '../../foundation/kit/Notice';
import { Screen } from '../../foundation/kit/Screen';
import { Text } from '../../foundation/kit/Text';
import { space } from '../../foundation/kit/tokens';
import { strings } from '../../foundation/strings';
import { ClockNotice } from './ClockNotice';
import { MovedNotice } from './MovedNotice';
import { FirstStudent } from './FirstStudent';
import { GroupsOfToday } from './GroupsOfToday';
import { LessonOnTop } from './LessonOnTop';
import { lessonOnTop } from './nextLesson';
import { teachingDay, type TodayRow } from './teachingDay';
import { TodayRowCard } from './TodayRowCard';
import { UnfinishedLooks } from './UnfinishedLooks';
import { UnsentChecks } from './UnsentChecks';
import { withUnsent } from './withUnsent';

const words = strings.today;

type Students = NonNullable<ReturnType<typeof useStudents>['data']>;

/** The start of a teaching day: today's lessons, who else is due and why, and what has not been sent yet. */
export function TodayScreen() {
  const students = useStudents();
  const now = useMinute();
  // What this device holds is told whether the studio answers or not.
  const here = (
    <>
      <ClockNotice />
      <MovedNotice />
      <UnsentChecks />
      <UnfinishedLooks now={now} />
    </>
  );
  return (
    <View style={{ flex: 1 }}>
      <Loaded from={students} meanwhile={here}>
        {(data) => (
          <Screen>
            <TodayHead />
            {here}
            <Day data={data} now={now} />
          </Screen>
        )}
      </Loaded>
      <NavBar current="today" />
    </View>
  );
}

/** The day’s title, and a lock for whoever lays the phone down. */
function TodayHead() {
  const canLock = useAccess()?.hasPassphrase ?? false;
  return (
    <View style={{ flexDirection: 'row', alignItems: 'center' }}>
      <Text variant="title" style={{ flex: 1 }}>
        {words.title}
      </Text>
      {canLock ? (
        <IconButton
          icon="lock-outline"
          accessibilityLabel={words.lock}
          onPress={() => void lockScreen()}
          style={{ margin: 0, width: 48, height: 48 }}
        />
      ) : null}
    </View>
  );
}

function Day({ data: { students, unreadable }, now }: { data: Students; now: Date }) {
  const unsent = useEntries();
  const zone = deviceZone();
  const { data: groups } = useGroups();
  const inGroups = useMemo(
    () => new Set(groups?.groups.flatMap(({ group }) => Object.keys(group.members))),
    [groups],
  );
  // A day's rows change with the day, not with the minute.
  const today = now.toDateString();
  const { lessons, due, others } = useMemo(
    () => teachingDay(withUnsent(students, unsent), new Date(today), zone, inGroups),
    [students, unsent, today, zone, inGroups],
  );
  if (students.length === 0 && unreadable === 0) return <FirstStudent />;
  const top = lessonOnTop(lessons, now);
  const rest = lessons.filter((row) => row !== top);
  return (
    <>
      {unreadable > 0 ? <Notice tone="out">{words.unreadable(unreadable)}</Notice> : null}
      {top ? <LessonOnTop key={top.item.student.id} row={top} now={now} /> : null}
      <Later>
        <GroupsOfToday groups={groups?.groups ?? []} now={now} />
        {rest.length > 0 ? <Text variant="heading">{words.lessons}</Text> : null}
        <Rows rows={rest} now={now} />
        {due.length > 0 ? <Text variant="heading">{words.due}</Text> : null}
        <Rows rows={due} now={now} />
        {due.length === 0 ? (
          <Text second>{lessons.length === 0 ? words.nobodyAtAll : words.nobodyDue}</Text>
        ) : null}
        <Others rows={others} now={now} />
      </Later>
    </>
  );
}

interface RowsProps {
  rows: readonly TodayRow[];
  now: Date;
}

const Rows = ({ rows, ...parts }: RowsProps) =>
  rows.map((row) => <TodayRowCard key={row.item.student.id} row={row} {...parts} />);

/** Those who are not due: behind a tap, so that a studio of sixty stays a short page. */
function Others({ rows, ...parts }: RowsProps) {
  const [shows, setShows] = useState(false);
  if (rows.length === 0) return null;
  return (
    <View style={{ gap: space(3) }}>
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: space(2) }}>
        <Text second style={{ flex: 1 }}>
          {words.others(rows.length)}
        </Text>
        <Button
          label={shows ? words.hideOthers : words.showOthers}
          icon={shows ? 'chevron-up' : 'chevron-down'}
          compact
          onPress={() => setShows(!shows)}
        />
      </View>
      {shows ? <Rows rows={rows} {...parts} /> : null}
    </View>
  );
}
