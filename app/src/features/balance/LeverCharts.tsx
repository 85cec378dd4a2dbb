import { memo } from 'react';
import { tipRaiseStart } from '@open-palm/core/balance';
import type { GripContacts } from '@open-palm/core/measure';
import { Card } from '../../foundation/kit/Card';
import { Text } from '../../foundation/kit/Text';
import { space } from '../../foundation/kit/tokens';
import { readyWords } from '../../assessment/lever/readyWords';
import type { Skin } from '../../drawing/portrait/skin';
import { strings } from '../../foundation/strings';
import { LittleFingerCharts } from './LittleFingerCharts';
import { StrokeCharts } from './StrokeCharts';
import type { Lever } from './useLever';
import { WhatIfCard } from './WhatIfCard';

/**
 * What is read rather than touched: today beside the change, the charts, where to begin. It may come a moment after the
 * hand that is dragged, and is left out while the finger is faster.
 */
export const LeverCharts = memo(function LeverCharts({
  lever,
  ...drawn
}: {
  lever: Lever;
  contacts: GripContacts;
  thumbBend: number | null;
  skin: Skin;
  mirrored: boolean;
}) {
  const { now, state, strength, isChild } = lever;
  const start = tipRaiseStart(now.setup, strength);
  return (
    <>
      <WhatIfCard lever={lever} {...drawn} />
      {state.onString ? <StrokeCharts lever={lever} /> : null}
      <Card style={{ gap: space(1) }}>
        <Text variant="strong" level={2}>
          {strings.tipRaise.title}
        </Text>
        <Text>{readyWords(start)}</Text>
        {isChild ? (
          <Text variant="small" second>
            {strings.tipRaise.child}
          </Text>
        ) : null}
      </Card>
      <LittleFingerCharts lever={lever} start={start} />
    </>
  );
});
