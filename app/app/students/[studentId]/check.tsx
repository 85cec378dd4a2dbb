import { useLocalSearchParams } from 'expo-router';
import { CheckScreen } from '../../../src/features/check/CheckScreen';

export default function Check() {
  const { studentId, setup } = useLocalSearchParams<{ studentId: string; setup?: string }>();
  return (
    <CheckScreen
      key={studentId}
      studentId={studentId}
      {...(setup === undefined ? {} : { setupId: setup })}
    />
  );
}
