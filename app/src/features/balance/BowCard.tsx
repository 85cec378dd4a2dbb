import type { BowPreset, Estimated, KnownBow } from '@open-palm/core/bow';
import { Button } from '../../foundation/kit/Button';
import { Card } from '../../foundation/kit/Card';
import { Text } from '../../foundation/kit/Text';
import { space } from '../../foundation/kit/tokens';
import { strings } from '../../foundation/strings';
import { balanceWords } from '../../foundation/strings/balance';
import {
  doubtWords,
  shownSize,
  sizeUnit,
  sizeWords,
  type SizeKind,
} from '../../foundation/strings/sizes';

const words = balanceWords;

/** What is known of the student's bow, and the way to know it better. */
export function BowCard({
  bow,
  preset,
  onWeigh,
}: {
  bow: KnownBow;
  preset: BowPreset;
  onWeigh: () => void;
}) {
  const isMeasured = bow.massG.measured || bow.balanceMm.measured;
  return (
    <Card style={{ gap: space(2) }}>
      <Text variant="strong" level={2}>
        {words.bow.title}
      </Text>
      <Text variant="small">
        {words.bow.line(
          bowName(preset),
          estimatedWords(bow.massG, 'weight'),
          estimatedWords(bow.balanceMm, 'length'),
        )}
      </Text>
      <Button
        label={isMeasured ? words.bow.weighAgain : words.bow.weigh}
        icon="scale"
        onPress={onWeigh}
      />
    </Card>
  );
}

const bowName = ({ kind, size }: BowPreset): string => {
  const name = strings.bowNames[kind];
  const sized = size === '4/4' ? name : `${strings.bowSizes[size]} ${name}`;
  return sized.charAt(0).toUpperCase() + sized.slice(1);
};

function estimatedWords({ value, sd, measured }: Estimated, kind: SizeKind): string {
  if (measured) return words.bow.measured(`${shownSize(kind, value)} ${sizeUnit(kind)}`);
  return words.bow.estimate(sizeWords(kind, value), doubtWords(kind, sd));
}
