import { useLocalSearchParams } from 'expo-router';
import { EditStudentScreen } from '../../../src/features/students/EditStudentScreen';

export default function EditStudent() {
  const { studentId } = useLocalSearchParams<{ studentId: string }>();
  return <EditStudentScreen studentId={studentId} />;
}
