import { useLocalSearchParams } from 'expo-router';
import { Term } from '../../../src/features/progress/Term';

export default function TermRoute() {
  const { studentId, setup } = useLocalSearchParams<{ studentId: string; setup?: string }>();
  return (
    <Term
      key={`${studentId} ${setup}`}
      studentId={studentId}
      {...(setup === undefined ? {} : { setupId: setup })}
    />
  );
}
