import { useState } from 'react';
import type { KeptFit, SkinTone } from '@open-palm/contract';
import type { Hold } from '@open-palm/core/holds';
import type { View } from '@open-palm/core/measure';
import { Button } from '../../../foundation/kit/Button';
import { Card } from '../../../foundation/kit/Card';
import { Text } from '../../../foundation/kit/Text';
import { space } from '../../../foundation/kit/tokens';
import { BendTable } from '../../../drawing/hand3d/BendTable';
import { TurnableHand } from '../../../drawing/hand3d/TurnableHand';
import { strings } from '../../../foundation/strings';
import { listWords } from '../../../foundation/strings/listWords';

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
