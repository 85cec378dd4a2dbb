import { useLocalSearchParams } from 'expo-router';
import { FeedbackScreen } from '../../../src/features/report/ReportScreen';

export default function Feedback() {
  const { checkId } = useLocalSearchParams<{ checkId: string }>();
  return <FeedbackScreen key={checkId} checkId={checkId} />;
}
