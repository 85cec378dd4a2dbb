import { useLocalSearchParams } from 'expo-router';
import { BalanceScreen } from '../../../src/features/balance/BalanceScreen';

export default function Balance() {
  const { studentId, setup } = useLocalSearchParams<{ studentId: string; setup?: string }>();
  return (
    <BalanceScreen
      key={studentId}
      studentId={studentId}
      {...(setup === undefined ? {} : { setupId: setup })}
    />
  );
}
