import { Redirect } from 'expo-router';
import { deviceZone, studioNow } from '../../foundation/api/clock';
import { useStudents } from '../../foundation/api/queries';
import { Loaded } from '../../foundation/kit/Loaded';
import { nextLesson } from './nextLesson';
import { teachingDay } from './teachingDay';

/** Leads to the hand file of whoever has the next lesson. */
export function NextLesson() {
  const students = useStudents();
  const now = studioNow();
  return (
    <Loaded from={students}>
      {({ students: items }) => {
        const next = nextLesson(teachingDay(items, now, deviceZone()), now);
        return <Redirect href={next ? `/students/${next.item.student.id}` : '/'} />;
      }}
    </Loaded>
  );
}
