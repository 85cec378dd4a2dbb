import { useLocalSearchParams } from 'expo-router';
import { EditHoldScreen } from '../../src/features/holds/edit/EditHoldScreen';

export default function EditHold() {
  const { hold } = useLocalSearchParams<{ hold: string }>();
  return <EditHoldScreen key={hold} holdId={hold} />;
}
