import { useLocalSearchParams } from 'expo-router';
import { WalkScreen } from '../../../src/features/row/WalkScreen';

export default function Walk() {
  return <WalkScreen groupId={useLocalSearchParams<{ groupId: string }>().groupId} />;
}
