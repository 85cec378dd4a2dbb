import { useLocalSearchParams } from 'expo-router';
import { BuildScreen } from '../../../src/features/build/BuildScreen';

export default function Build() {
  const { studentId, setup } = useLocalSearchParams<{ studentId: string; setup?: string }>();
  return (
    <BuildScreen
      key={studentId}
      studentId={studentId}
      {...(setup === undefined ? {} : { setupId: setup })}
    />
  );
}
