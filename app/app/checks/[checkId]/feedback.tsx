import { useLocalSearchParams } from 'expo-router';
import { ReportScreen } from '../../../src/features/report/ReportScreen';

export default function Feedback() {
  const { checkId } = useLocalSearchParams<{ checkId: string }>();
  return <ReportScreen key={checkId} checkId={checkId} />;
}
