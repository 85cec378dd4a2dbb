import { useLocalSearchParams } from 'expo-router';
import { GroupScreen } from '../../../src/features/row/GroupScreen';

export default function Group() {
  return <GroupScreen groupId={useLocalSearchParams<{ groupId: string }>().groupId} />;
}
