import { useLocalSearchParams } from 'expo-router';
import { WeeksScreen } from '../../../src/features/row/WeeksScreen';

export default function Weeks() {
  return <WeeksScreen groupId={useLocalSearchParams<{ groupId: string }>().groupId} />;
}
