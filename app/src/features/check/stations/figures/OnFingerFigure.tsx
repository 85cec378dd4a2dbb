import { useState } from 'react';
import { View } from 'react-native';
import Svg, { G, Line, Path, Rect } from 'react-native-svg';
import type { SkinTone } from '@open-palm/contract';
import { PHALANGES_MM, type Finger } from '@open-palm/core/hand';
import { DEEPEST_U } from '@open-palm/core/measure';
import { PointerArea } from '../../../../foundation/kit/PointerArea';
import { useTokens } from '../../../../foundation/kit/ThemeProvider';
import { RADII_MM } from '../../../../drawing/portrait/handProportions';
import { SKINS } from '../../../../drawing/portrait/skin';
import { pathThrough, tubeOutline } from '../../../../drawing/portrait/tube';
import { strings } from '../../../../foundation/strings';
import { depthWords, plainNumber } from '../../../../foundation/strings/measureWords';
import { heightOfU, uAtHeight } from '../../../../drawing/portrait/fingerScale';

const WIDTH = 62;
const MARGIN = 9;
const STEP_U = 0.05;

/** A finger from its palm side, tip down: the place where the stick lies is touched. Gives joint units from the tip. */
export function OnFingerFigure({
  label,
  finger,
  skinTone,
  value,
  onTake,
}: {
  label: string;
  finger: Finger;
  skinTone: SkinTone;
  value: number | null;
  onTake: (u: number) => void;
}) {
  const tokens = useTokens();
  const skin = SKINS[skinTone];
  const [u, setU] = useState(value ?? 1);
  const [isShown, setIsShown] = useState(value !== null);
  const [room, setRoom] = useState({ width: 0, height: 0 });
  const bones = PHALANGES_MM[finger].map(({ mm }) => mm);
  const length = bones.reduce((sum, mm) => sum + mm, 0);
  const height = length + 2 * MARGIN;
  const y = (at: number) => height - MARGIN - heightOfU(bones, at);
  const choose = (at: number) => {
    setIsShown(true);
    setU(Math.min(DEEPEST_U, Math.max(0, at)));
  };
  const joints = [3, 2, 1, 0].map((at) => ({ x: WIDTH / 2, y: y(at) }));
  const radii = RADII_MM[finger].map((r) => r * 1.5);
  // The touched area is just as large as the drawing: a margin around it would shift every place.
  const scale = Math.min(room.width / WIDTH, room.height / height);
  return (
    <View
      style={{ flex: 1, minHeight: 300, alignItems: 'center', justifyContent: 'flex-end' }}
      onLayout={({ nativeEvent: { layout } }) =>
        setRoom({ width: layout.width, height: layout.height })
      }
    >
      <PointerArea
        label={label}
        value={isShown ? Math.round(u * 100) / 100 : null}
        valueText={isShown ? strings.joints.about(depthWords(u), plainNumber(u, 'u')) : ''}
        min={0}
        max={DEEPEST_U}
        onMove={({ y: share }) => choose(uAtHeight(bones, height - MARGIN - share * height))}
        onTake={() => onTake(Math.round(u * 100) / 100)}
        onStep={(steps) => choose(u + steps * STEP_U)}
        style={{ width: WIDTH * scale, height: height * scale }}
      >
        <Svg width="100%" height="100%" viewBox={`0 0 ${WIDTH} ${height}`} aria-hidden>
          <Path
            d={pathThrough(tubeOutline(joints, radii))}
            fill={skin.fill}
            stroke={skin.line}
            strokeWidth={0.8}
          />
          {[1, 2].map((at) => (
            <G key={at}>
              <Line
                x1={WIDTH / 2 - 10}
                x2={WIDTH / 2 + 10}
                y1={y(at)}
                y2={y(at)}
                stroke={skin.line}
                strokeWidth={0.7}
              />
              <Line
                x1={WIDTH / 2 - 8}
                x2={WIDTH / 2 + 8}
                y1={y(at) + 1.6}
                y2={y(at) + 1.6}
                stroke={skin.line}
                strokeWidth={0.4}
              />
            </G>
          ))}
          {isShown ? (
            <Rect x={0} y={y(u) - 4} width={WIDTH} height={8} fill={tokens.wood} opacity={0.9} />
          ) : null}
        </Svg>
      </PointerArea>
    </View>
  );
}
