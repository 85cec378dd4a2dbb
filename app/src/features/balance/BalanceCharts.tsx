import { memo } from 'react';
import { tipRaiseStart } from '@open-palm/core/balance';
import { Card } from '../../foundation/kit/Card';
import { Text } from '../../foundation/kit/Text';
import { space } from '../../foundation/kit/tokens';
import { readyWords } from '../../assessment/balance/readyWords';
import type { Skin } from '@open-palm/core/portrait/skins';
import { strings } from '../../foundation/strings';
import { LittleFingerCharts } from './LittleFingerCharts';
import { StrokeCharts } from './StrokeCharts';
import type { SeenHand } from './handOrder';
import type { BalanceModel } from './useBalance';
import { WhatIfCard } from './WhatIfCard';

/**
 * What is read rather than touched: today beside the change, the charts, where to begin. It may come a moment after the
 * hand that is dragged, and is left out while the finger is faster.
 */
export const BalanceCharts = memo(function LeverCharts({
  model,
  ...drawn
}: {
  model: BalanceModel;
  seen: SeenHand;
  skin: Skin;
  mirrored: boolean;
}) {
  const { now, state, strength, isChild } = model;
  const start = tipRaiseStart(now.setup, strength);
  return (
    <>
      <WhatIfCard model={model} {...drawn} />
      {state.onString ? <StrokeCharts model={model} /> : null}
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
      <LittleFingerCharts model={model} start={start} />
    </>
  );
});
