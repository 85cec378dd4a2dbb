import { useMemo } from 'react';
import { View } from 'react-native';
import { Circle } from 'react-native-svg';
import type { SkinTone } from '@open-palm/contract';
import type { Hold } from '@open-palm/core/holds';
import type { MeasureId, Side } from '@open-palm/core/measure';
import { drawnHold } from '@open-palm/core/pose/drawnHold';
import { BUILDS } from '@open-palm/core/pose/handBuild';
import { NOTHING_MEASURED } from '@open-palm/core/pose/measuredGrip';
import type { GripOrder } from '@open-palm/core/portrait';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { HandPicture } from '../portrait/HandPicture';
import { SKINS } from '../portrait/skin';
import { useGripDrawing } from '../portrait/useGripDrawing';
import type { PosedDetail } from './posedDetail';

/** Half the width of the ring about a joint, tenths of a millimetre. */
const RING = 46;

/** An answer as the hold's own hand, posed so and looked at from where it shows; the joint in question is ringed. */
export function PosedAnswer({
  detail: { station, ring },
  measure,
  answer,
  hold,
  side,
  skinTone,
}: {
  detail: PosedDetail;
  measure: MeasureId;
  answer: number | string;
  hold: Hold;
  side: Side;
  skinTone: SkinTone;
}) {
  const tokens = useTokens();
  const order = useMemo<GripOrder>(
    () => ({
      hold: drawnHold(hold),
      grip: { ...NOTHING_MEASURED, measures: { [measure]: answer } },
      build: BUILDS.grown,
      view: station,
      held: 'bow',
      upMm: 0,
      detail: 'choice',
      unseen: [],
      beside: null,
      ...(ring ? { ring } : {}),
    }),
    [hold, measure, answer, station, ring],
  );
  const drawing = useGripDrawing(order);
  const aspectRatio = station.widthMm / station.heightMm;
  if (!drawing) return <View style={{ width: '100%', aspectRatio }} />;
  const mirrored = side === 'left';
  const at = drawing.ring;
  return (
    <View aria-hidden>
      <HandPicture drawing={drawing} skin={SKINS[skinTone]} mirrored={mirrored}>
        {at ? (
          <Circle
            cx={mirrored ? drawing.width - at.x : at.x}
            cy={at.y}
            r={RING}
            fill="none"
            stroke={tokens.amber}
            strokeWidth={14}
          />
        ) : null}
      </HandPicture>
    </View>
  );
}
