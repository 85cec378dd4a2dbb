import { useState } from 'react';
import { v7 as uuidv7 } from 'uuid';
import { useOwnHolds } from '../../foundation/api/queries';
import { Loaded } from '../../foundation/kit/Loaded';
import { newStudent, StudentForm } from './StudentForm';

/** Writes down a new student. */
export function NewStudentScreen() {
  const [{ id, initial }] = useState(() => ({ id: uuidv7(), initial: newStudent() }));
  const ownHolds = useOwnHolds();
  return (
    <Loaded from={ownHolds}>
      {({ holds }) => <StudentForm id={id} initial={initial} ownHolds={holds} basedOn={0} />}
    </Loaded>
  );
}
