import { inputOf } from '@open-palm/contract/student';
import { useHandFile } from '../../foundation/api/queries';
import { Loaded } from '../../foundation/kit/Loaded';
import { StudentForm } from './StudentForm';

/** Changes what is written down of a student. */
export function EditStudentScreen({ studentId }: { studentId: string }) {
  const handFile = useHandFile(studentId);
  return (
    <Loaded from={handFile}>
      {({ student, ownHolds }) => (
        <StudentForm
          id={student.id}
          initial={inputOf(student)}
          ownHolds={ownHolds}
          basedOn={student.version}
        />
      )}
    </Loaded>
  );
}
