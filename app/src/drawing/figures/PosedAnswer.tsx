import { useMemo } from 'react';
import { View } from 'react-native';
import { Circle, Path } from 'react-native-svg';
import type { SkinTone } from '@open-palm/contract';
import type { Hold } from '@open-palm/core/holds';
import type { MeasureId, Side } from '@open-palm/core/measure';
import { bowOf } from '@open-palm/core/pose/bowOf';
import { facetBand } from '@open-palm/core/portrait/facetBand';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { HandPicture } from '../portrait/HandPicture';
import { SKINS } from '@open-palm/core/portrait/skins';
import { wantedOrder } from '../portrait/wantedOrder';
import { useGripDrawing } from '../portrait/useGripDrawing';
import { gripOfAnswer, type PosedDetail } from './posedDetail';

/** Half the width of the ring about a joint, tenths of a millimetre. */
const RING = 46;

/** An answer as the hold's own hand, posed so and looked at from where it shows; the joint or the side of the stick in question is marked. */
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
  const order = useMemo(
    () =>
      wantedOrder(hold, {
        grip: gripOfAnswer(measure, answer, hold),
        view: station,
        detail: 'choice',
        ...(ring ? { ring } : {}),
      }),
    [hold, measure, answer, station, ring],
  );
  const drawing = useGripDrawing(order);
  const aspectRatio = station.widthMm / station.heightMm;
  if (!drawing) return <View style={{ width: '100%', aspectRatio }} />;
  const mirrored = side === 'left';
  const at = drawing.ring;
  const facet =
    measure === 'thumbFacet' ? facetBand(Number(answer), bowOf(order.hold), station) : null;
  return (
    <View aria-hidden>
      <HandPicture
        drawing={drawing}
        skin={SKINS[skinTone]}
        mirrored={mirrored}
        onBow={
          facet?.isSeen ? <Path d={facet.path} fill={tokens.amber} fillOpacity={0.85} /> : undefined
        }
      >
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
        {facet && !facet.isSeen ? (
          <Path
            d={facet.path}
            {...(mirrored ? { transform: `translate(${drawing.width} 0) scale(-1 1)` } : {})}
            fill="none"
            stroke={tokens.amber}
            strokeWidth={10}
            strokeDasharray="36 26"
          />
        ) : null}
      </HandPicture>
    </View>
  );
}
