import { useLocalSearchParams } from 'expo-router';
import { RelaxedHandScreen } from '../../../src/features/check/relaxedHand/RelaxedHandScreen';

export default function RelaxedHand() {
  const { studentId } = useLocalSearchParams<{ studentId: string }>();
  return <RelaxedHandScreen key={studentId} studentId={studentId} />;
}
