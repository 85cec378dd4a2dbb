import { View } from 'react-native';
import { Circle } from 'react-native-svg';
import type { SkinTone } from '@open-palm/contract';
import type { Side } from '@open-palm/core/measure';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { HandPicture } from '../portrait/HandPicture';
import { SKINS } from '@open-palm/core/portrait/skins';
import { useBareDrawing } from '../portrait/useBareDrawing';
import type { BareDetail } from '@open-palm/core/portrait/bareDetail';

/** Half the width of the ring about a joint, as a share of the drawing's width. */
const RING = 0.055;

/** An answer as a hand that holds nothing, bent so; the joint in question is ringed. */
export function BareAnswer({
  detail: { order, ring },
  side,
  skinTone,
}: {
  detail: BareDetail;
  side: Side;
  skinTone: SkinTone;
}) {
  const tokens = useTokens();
  const drawing = useBareDrawing(order);
  const { widthMm, heightMm } = order.station;
  if (!drawing) return <View style={{ width: '100%', aspectRatio: widthMm / heightMm }} />;
  const mirrored = side === 'left';
  const { x, y } = drawing.points[ring];
  return (
    <View aria-hidden>
      <HandPicture drawing={drawing} skin={SKINS[skinTone]} mirrored={mirrored}>
        <Circle
          cx={mirrored ? drawing.width - x : x}
          cy={y}
          r={RING * drawing.width}
          fill="none"
          stroke={tokens.amber}
          strokeWidth={0.016 * drawing.width}
        />
      </HandPicture>
    </View>
  );
}
