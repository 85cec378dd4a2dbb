import { useLocalSearchParams } from 'expo-router';
import { StrokeScreen } from '../../../src/features/stroke/StrokeScreen';

export default function Stroke() {
  const { studentId, setup } = useLocalSearchParams<{ studentId: string; setup?: string }>();
  return (
    <StrokeScreen
      key={studentId}
      studentId={studentId}
      {...(setup === undefined ? {} : { setupId: setup })}
    />
  );
}
