import { useState } from 'react';
import type { KeptFit, SkinTone } from '@open-palm/contract';
import type { Hold } from '@open-palm/core/holds';
import type { View } from '@open-palm/core/measure';
import { Button } from '../../../kit/Button';
import { Card } from '../../../kit/Card';
import { Text } from '../../../kit/Text';
import { space } from '../../../kit/tokens';
import { BendTable } from '../../../space/BendTable';
import { TurnableHand } from '../../../space/TurnableHand';
import { strings } from '../../../strings';
import { listWords } from '../../../strings/listWords';

const words = strings.fit;

/** A hand that was fitted to a kept look's pictures. */
export function KeptFitCard({
  fit: { captures, side, pointsMm, apartDeg, joints },
  views,
  hold,
  skinTone,
}: {
  fit: KeptFit;
  /** Of all the look's pictures. */
  views: readonly View[];
  hold: Hold;
  skinTone: SkinTone;
}) {
  const [showsNumbers, setNumbers] = useState(false);
  const names = listWords(captures.map((i) => strings.views[views[i] ?? 'finger-side']));
  return (
    <Card style={{ gap: space(3) }}>
      <Text variant="strong" level={2}>
        {words.title}
      </Text>
      <TurnableHand
        pointsMm={pointsMm}
        side={side}
        hold={hold}
        skinTone={skinTone}
        label={words.label(names)}
      />
      <Text variant="small" second>
        {words.several(names, apartDeg ?? 0)}
      </Text>
      <Button
        label={showsNumbers ? words.hideNumbers : words.showNumbers}
        icon="table"
        onPress={() => setNumbers(!showsNumbers)}
      />
      {showsNumbers ? <BendTable joints={joints} /> : null}
    </Card>
  );
}
