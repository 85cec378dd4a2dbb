import { useLocalSearchParams } from 'expo-router';
import { CheckScreen } from '../../../src/features/check/CheckScreen';

export default function Check() {
  const { studentId } = useLocalSearchParams<{ studentId: string }>();
  return <CheckScreen key={studentId} studentId={studentId} />;
}
