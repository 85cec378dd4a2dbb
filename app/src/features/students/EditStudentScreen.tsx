import { useHandFile } from '../../api/queries';
import { Loaded } from '../../kit/Loaded';
import { StudentForm } from './StudentForm';

/** Changes what is written down of a student. */
export function EditStudentScreen({ studentId }: { studentId: string }) {
  const handFile = useHandFile(studentId);
  return (
    <Loaded from={handFile}>
      {({ student: { id, ...initial }, ownHolds }) => (
        <StudentForm id={id} initial={initial} ownHolds={ownHolds} isNew={false} />
      )}
    </Loaded>
  );
}
