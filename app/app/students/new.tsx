import { useState } from 'react';
import { v7 as uuidv7 } from 'uuid';
import { NEW_STUDENT, StudentForm } from '../../src/features/students/StudentForm';

export default function NewStudent() {
  const [id] = useState(() => uuidv7());
  return <StudentForm id={id} initial={NEW_STUDENT} isNew />;
}
