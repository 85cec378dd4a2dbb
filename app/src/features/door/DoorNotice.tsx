import type { ReactNode } from 'react';
import { Screen } from '../../foundation/kit/Screen';
import { Text } from '../../foundation/kit/Text';
import { HowMuchWaits } from './HowMuchWaits';

/** Why somebody is not in, and what helps. */
export function DoorNotice({
  title,
  lines,
  children,
}: {
  title: string;
  lines: readonly string[];
  children?: ReactNode;
}) {
  return (
    <Screen>
      <Text variant="title">{title}</Text>
      {lines.map((line) => (
        <Text key={line}>{line}</Text>
      ))}
      {children}
      <HowMuchWaits />
    </Screen>
  );
}
