import { useLocalSearchParams } from 'expo-router';
import { CheckScreen } from '../../../src/features/check/CheckScreen';
import { RelaxedHandScreen } from '../../../src/features/check/relaxedHand/RelaxedHandScreen';

/** A look at the hold (`?from=` takes a stopped one up again), or (`?of=relaxed`) at the hand at rest: one address, so that the tools for both load once. */
export default function Check() {
  const { studentId, setup, of, from } = useLocalSearchParams<{
    studentId: string;
    setup?: string;
    of?: string;
    from?: string;
  }>();
  if (of === 'relaxed') return <RelaxedHandScreen key={studentId} studentId={studentId} />;
  return (
    <CheckScreen
      key={studentId}
      studentId={studentId}
      {...(setup === undefined ? {} : { setupId: setup })}
      {...(from === undefined ? {} : { from })}
    />
  );
}
