import { Screen } from '../../foundation/kit/Screen';
import { Text } from '../../foundation/kit/Text';
import { HowMuchWaits } from './HowMuchWaits';

/** Why somebody is not in, and what helps. */
export function DoorNotice({ title, lines }: { title: string; lines: readonly string[] }) {
  return (
    <Screen>
      <Text variant="title">{title}</Text>
      {lines.map((line) => (
        <Text key={line}>{line}</Text>
      ))}
      <HowMuchWaits />
    </Screen>
  );
}
