import { useLocalSearchParams } from 'expo-router';
import { PracticeScreen } from '../../../src/features/practice/PracticeScreen';

export default function Practice() {
  const { studentId, setup } = useLocalSearchParams<{ studentId: string; setup?: string }>();
  return (
    <PracticeScreen
      key={studentId}
      studentId={studentId}
      {...(setup === undefined ? {} : { setupId: setup })}
    />
  );
}
