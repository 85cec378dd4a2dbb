import { useState } from 'react';
import Svg, { Ellipse, G } from 'react-native-svg';
import type { SkinTone } from '@open-palm/contract';
import type { Side } from '@open-palm/core/measure';
import { PointerArea } from '../../../../foundation/kit/PointerArea';
import { useTokens } from '../../../../foundation/kit/ThemeProvider';
import { BowFigure } from '../../../../drawing/portrait/BowFigure';
import { SKINS } from '../../../../drawing/portrait/skin';
import { strings } from '../../../../foundation/strings';
import { plainNumber } from '../../../../foundation/strings/measureWords';

const LEFT_MM = -64;
const WIDTH_MM = 128;
const HEIGHT_MM = 90;
const STEP_MM = 1;

/** The bow about its frog: the place of the thumb is touched. Gives mm from the frog's front, toward the tip. */
export function OnStickFigure({
  label,
  side,
  skinTone,
  value,
  onTake,
}: {
  label: string;
  side: Side;
  skinTone: SkinTone;
  value: number | null;
  onTake: (xMm: number) => void;
}) {
  const tokens = useTokens();
  const skin = SKINS[skinTone];
  const [xMm, setX] = useState(value ?? 0);
  const [isShown, setIsShown] = useState(value !== null);
  const choose = (x: number) => {
    setIsShown(true);
    setX(Math.min(LEFT_MM + WIDTH_MM, Math.max(LEFT_MM, Math.round(x))));
  };
  const mirrored = side === 'left';
  return (
    <PointerArea
      label={label}
      value={isShown ? xMm : null}
      valueText={isShown ? strings.stations.onStick(plainNumber(xMm, 'mm')) : ''}
      min={LEFT_MM}
      max={LEFT_MM + WIDTH_MM}
      onMove={({ x }) => choose(LEFT_MM + (mirrored ? 1 - x : x) * WIDTH_MM)}
      onTake={() => onTake(xMm)}
      onStep={(steps) => choose(xMm + steps * STEP_MM)}
    >
      <Svg
        width="100%"
        viewBox={`${mirrored ? -LEFT_MM - WIDTH_MM : LEFT_MM} -40 ${WIDTH_MM} ${HEIGHT_MM}`}
        style={{ aspectRatio: WIDTH_MM / HEIGHT_MM }}
        aria-hidden
      >
        <G scaleX={mirrored ? -1 : 1}>
          <BowFigure tokens={tokens} />
          {isShown ? (
            <Ellipse
              cx={xMm}
              cy={15}
              rx={9}
              ry={14}
              fill={skin.fill}
              fillOpacity={0.85}
              stroke={skin.line}
              strokeWidth={0.8}
            />
          ) : null}
        </G>
      </Svg>
    </PointerArea>
  );
}
