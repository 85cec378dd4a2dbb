import { router } from 'expo-router';
import type { FittedHandRecord, SkinTone } from '@open-palm/contract';
import type { Hold } from '@open-palm/core/holds';
import { Button } from '../../foundation/kit/Button';
import { Card } from '../../foundation/kit/Card';
import { Text } from '../../foundation/kit/Text';
import { space } from '../../foundation/kit/tokens';
import { FittedStill } from '../../drawing/hand3d/FittedStill';
import { firstOrbit } from '../../drawing/hand3d/orbit';
import { strings } from '../../foundation/strings';
import { agoWords } from '../../foundation/strings/dateWords';

const words = strings.fit;

/** A still of the hand that was last fitted to several pictures; a tap away it can be turned. */
export function FittedHandCard({
  fitted: { checkId, takenAt, side, pointsMm },
  bow,
  skinTone,
  now,
}: {
  fitted: FittedHandRecord;
  bow: Hold['bow'];
  skinTone: SkinTone;
  now: Date;
}) {
  return (
    <Card style={{ gap: space(2) }}>
      <Text variant="strong" level={2}>
        {words.title}
      </Text>
      <FittedStill
        pointsMm={pointsMm}
        side={side}
        bow={bow}
        skinTone={skinTone}
        orbit={firstOrbit(side)}
        label={words.still}
      />
      <Text variant="small" second>
        {`${words.still} ${agoWords(takenAt, now)}`}
      </Text>
      <Button
        label={words.openStill}
        icon="rotate-3d-variant"
        onPress={() => router.navigate(`/checks/${checkId}`)}
      />
    </Card>
  );
}
