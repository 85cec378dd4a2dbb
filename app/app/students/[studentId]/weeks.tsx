import { useLocalSearchParams } from 'expo-router';
import { Progress } from '../../../src/features/progress/Progress';

export default function WeeksRoute() {
  const { studentId, setup, family } = useLocalSearchParams<{
    studentId: string;
    setup?: string;
    family?: string;
  }>();
  return (
    <Progress
      key={`${studentId} ${setup}`}
      studentId={studentId}
      {...(setup === undefined ? {} : { setupId: setup })}
      {...(family === undefined ? {} : { family })}
    />
  );
}
