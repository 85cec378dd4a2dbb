import { useLocalSearchParams } from 'expo-router';
import { KeptCheckScreen } from '../../../src/features/check/kept/KeptCheckScreen';

export default function KeptCheck() {
  const { checkId } = useLocalSearchParams<{ checkId: string }>();
  return <KeptCheckScreen key={checkId} checkId={checkId} />;
}
