import type { BowKind } from '@open-palm/core/holds';
import { Button } from '../../foundation/kit/Button';
import { Card } from '../../foundation/kit/Card';
import { Text } from '../../foundation/kit/Text';
import { space } from '../../foundation/kit/tokens';
import { strings } from '../../foundation/strings';
import { signText } from './signWords';

const words = strings.which;

/** Two signs that cannot both be: which of them was seen is asked, never averaged. */
export function AskWhich({
  pair,
  bow,
  onWhich,
}: {
  bow: BowKind;
  pair: readonly [string, string];
  onWhich?: (saw: string, not: string) => void;
}) {
  const nameOf = (sign: string) => signText(sign, bow);
  const [first, second] = pair;
  return (
    <Card style={{ gap: space(2) }}>
      <Text variant="strong" level={2}>
        {words.title}
      </Text>
      <Text variant="small">{words.both(nameOf(first), nameOf(second))}</Text>
      {onWhich ? (
        <>
          <Button label={words.saw(nameOf(first))} onPress={() => onWhich(first, second)} compact />
          <Button
            label={words.saw(nameOf(second))}
            onPress={() => onWhich(second, first)}
            compact
          />
        </>
      ) : null}
    </Card>
  );
}
