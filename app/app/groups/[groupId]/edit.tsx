import { useLocalSearchParams } from 'expo-router';
import { EditGroupScreen } from '../../../src/features/row/EditGroupScreen';

export default function Edit() {
  return <EditGroupScreen groupId={useLocalSearchParams<{ groupId: string }>().groupId} />;
}
