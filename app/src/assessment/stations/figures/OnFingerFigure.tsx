import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { G, Line } from 'react-native-svg';
import type { SkinTone } from '@open-palm/contract';
import type { Finger } from '@open-palm/core/hand';
import { DEEPEST_U, type Side } from '@open-palm/core/measure';
import { PointerArea } from '../../../foundation/kit/PointerArea';
import { useTokens } from '../../../foundation/kit/ThemeProvider';
import { alongFinger, openFinger } from '../../../drawing/figures/openFinger';
import { HandPicture } from '../../../drawing/portrait/HandPicture';
import { SKINS } from '@open-palm/core/portrait/skins';
import { useBareDrawing } from '../../../drawing/portrait/useBareDrawing';
import { strings } from '../../../foundation/strings';
import { depthWords, plainNumber } from '../../../foundation/strings/measureWords';

const STEP_U = 0.05;
/** Half of the stick's drawn length and its breadth, in the drawing's units. */
const STICK = { half: 260, breadth: 84 };

/** A finger from its palm side, tip down: the place where the stick lies is touched, once it is drawn. Gives joint units from the tip. */
export function OnFingerFigure({
  label,
  finger,
  side,
  skinTone,
  value,
  onTake,
}: {
  label: string;
  finger: Finger;
  side: Side;
  skinTone: SkinTone;
  value: number | null;
  onTake: (u: number) => void;
}) {
  const tokens = useTokens();
  const order = useMemo(() => openFinger(finger), [finger]);
  const drawing = useBareDrawing(order);
  const along = useMemo(() => drawing && alongFinger(drawing, finger), [drawing, finger]);
  const [u, setU] = useState(value ?? 1);
  const [isShown, setIsShown] = useState(value !== null);
  const [room, setRoom] = useState({ width: 0, height: 0 });
  const { widthMm, heightMm } = order.station;
  const within = (at: number) => Math.min(DEEPEST_U, Math.max(0, at));
  const choose = (at: number) => {
    setIsShown(true);
    setU(within(at));
  };
  const mirrored = side === 'left';
  // The touched area is just as large as the drawing: a margin around it would shift every place.
  const scale = Math.min(room.width / widthMm, room.height / heightMm);
  const place = along?.at(u);
  return (
    <View
      style={{ flex: 1, minHeight: 300, alignItems: 'center', justifyContent: 'flex-end' }}
      onLayout={({ nativeEvent: { layout } }) =>
        setRoom({ width: layout.width, height: layout.height })
      }
    >
      {drawing && along ? (
        <PointerArea
          label={label}
          value={isShown ? Math.round(u * 100) / 100 : null}
          valueText={isShown ? strings.joints.about(depthWords(u), plainNumber(u, 'u')) : ''}
          min={0}
          max={DEEPEST_U}
          onMove={({ y }) => {
            choose(along.uAt(y * drawing.height));
          }}
          onTake={(at) =>
            onTake(Math.round((at ? within(along.uAt(at.y * drawing.height)) : u) * 100) / 100)
          }
          onStep={(steps) => choose(u + steps * STEP_U)}
          style={{ width: widthMm * scale, height: heightMm * scale }}
        >
          <View aria-hidden>
            <HandPicture drawing={drawing} skin={SKINS[skinTone]} mirrored={mirrored}>
              {isShown && place ? (
                <G
                  {...(mirrored ? { transform: `translate(${drawing.width} 0) scale(-1 1)` } : {})}
                >
                  <Line
                    x1={place.x - STICK.half}
                    x2={place.x + STICK.half}
                    y1={place.y}
                    y2={place.y}
                    stroke={tokens.wood}
                    strokeWidth={STICK.breadth}
                    strokeOpacity={0.9}
                  />
                </G>
              ) : null}
            </HandPicture>
          </View>
        </PointerArea>
      ) : null}
    </View>
  );
}
