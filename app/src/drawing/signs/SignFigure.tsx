import { useMemo } from 'react';
import { View } from 'react-native';
import Svg, { Circle, Path } from 'react-native-svg';
import type { SkinTone } from '@open-palm/contract';
import type { Hold } from '@open-palm/core/holds';
import type { Side } from '@open-palm/core/measure';
import { SKINS } from '@open-palm/core/portrait/skins';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { AnswerFigure } from '../figures/AnswerFigure';
import { wrongFigure } from '../figures/wrongFigure';
import { HandPicture } from '../portrait/HandPicture';
import { useGripDrawing } from '../portrait/useGripDrawing';
import { wantedOrder } from '../portrait/wantedOrder';
import { SIGN_LINES } from './signLines';
import { signSpot } from './signSpots';

/** Of a hand's picture so much is shown about its spot, and how wide for its height. */
const CLOSE = 0.5;
const ASPECT = 60 / 44;

interface Shown {
  sign: string;
  hold: Hold;
  side: Side;
  skinTone: SkinTone;
}

/** A sign as a small drawing: its spot on the hand, how the part looks then, or a few lines. */
export function SignFigure({ sign, ...hand }: Shown) {
  const tokens = useTokens();
  const lines = SIGN_LINES[sign];
  const wrong = useMemo(() => wrongFigure(sign, hand.hold), [sign, hand.hold]);
  if (lines) {
    return (
      <Svg viewBox="0 0 60 44" width="100%" style={{ aspectRatio: 60 / 44 }} aria-hidden>
        {(
          [
            [lines.thing, tokens.ink, 1.8],
            [lines.wrong, tokens.out, 2.6],
          ] as const
        ).map(([path, color, width]) => (
          <Path
            key={path}
            d={path}
            fill="none"
            stroke={color}
            strokeWidth={width}
            strokeLinecap="round"
            strokeLinejoin="round"
          />
        ))}
      </Svg>
    );
  }
  if (wrong) return <AnswerFigure {...hand} {...wrong} />;
  return <SpotFigure sign={sign} {...hand} />;
}

/** The hand as the hold wants it, with the spot marked. */
function SpotFigure({ sign, hold, side, skinTone }: Shown) {
  const tokens = useTokens();
  const spot = useMemo(() => signSpot(sign, hold), [sign, hold]);
  const order = useMemo(
    () =>
      wantedOrder(hold, {
        view: spot?.station ?? 'fingerSide',
        detail: 'choice',
        ...(spot ? { ring: spot.ring } : {}),
      }),
    [hold, spot],
  );
  const drawing = useGripDrawing(order);
  const at = drawing?.ring;
  if (!drawing || !at) return <View style={{ width: '100%', aspectRatio: ASPECT }} />;
  const mirrored = side === 'left';
  const width = CLOSE * drawing.width;
  const height = width / ASPECT;
  return (
    <View aria-hidden>
      <HandPicture
        drawing={drawing}
        skin={SKINS[skinTone]}
        mirrored={mirrored}
        frame={{ left: at.x - width / 2, top: at.y - height / 2, width, height }}
      >
        {(
          [
            [tokens.card, width / 11],
            [tokens.out, width / 20],
          ] as const
        ).map(([color, strokeWidth]) => (
          <Circle
            key={color}
            cx={mirrored ? drawing.width - at.x : at.x}
            cy={at.y}
            r={width / 6}
            fill="none"
            stroke={color}
            strokeWidth={strokeWidth}
          />
        ))}
      </HandPicture>
    </View>
  );
}
