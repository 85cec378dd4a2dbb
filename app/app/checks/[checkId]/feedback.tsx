import { useLocalSearchParams } from 'expo-router';
import { FeedbackScreen } from '../../../src/features/feedback/FeedbackScreen';

export default function Feedback() {
  const { checkId } = useLocalSearchParams<{ checkId: string }>();
  return <FeedbackScreen key={checkId} checkId={checkId} />;
}
