import { useState } from 'react';
import Svg, { Circle, Ellipse, G, Text as SvgText } from 'react-native-svg';
import type { SkinTone } from '@open-palm/contract';
import { FINGERS } from '@open-palm/core/hand';
import type { Side } from '@open-palm/core/measure';
import type { Placement } from '@open-palm/core/practice';
import { Choice, Choices } from '../../../../foundation/kit/Choice';
import { PointerArea } from '../../../../foundation/kit/PointerArea';
import { useTokens } from '../../../../foundation/kit/ThemeProvider';
import { FONTS } from '../../../../foundation/kit/tokens';
import { BowFigure } from '../../../../drawing/portrait/BowFigure';
import { SKINS } from '../../../../drawing/portrait/skin';
import { strings } from '../../../../foundation/strings';
import { plainNumber } from '../../../../foundation/strings/measureWords';

const LEFT_MM = -64;
const WIDTH_MM = 132;
const HEIGHT_MM = 92;
const PARTS = ['thumb', ...FINGERS] as const;

const shortName = (i: number) => (i === 0 ? strings.portrait.thumb : String(i));

/** Thumb and fingers on the drawn stick: one is chosen and dragged to its place, then comes the next. */
export function PlacementMarks({
  xMm,
  side,
  skinTone,
  onMove,
}: {
  xMm: Placement['xMm'];
  side: Side;
  skinTone: SkinTone;
  onMove: (xMm: Placement['xMm']) => void;
}) {
  const tokens = useTokens();
  const skin = SKINS[skinTone];
  const [at, setAt] = useState(0);
  const part = PARTS[at]!;
  const mirrored = side === 'left';
  const move = (x: number) =>
    onMove({
      ...xMm,
      [part]: Math.round(Math.min(LEFT_MM + WIDTH_MM, Math.max(LEFT_MM, x))),
    });
  const name = strings.testing.mark(strings.testing.parts[part]);
  return (
    <>
      <PointerArea
        label={name}
        value={xMm[part]}
        valueText={strings.stations.onStick(plainNumber(xMm[part], 'mm'))}
        min={LEFT_MM}
        max={LEFT_MM + WIDTH_MM}
        onMove={({ x }) => move(LEFT_MM + (mirrored ? 1 - x : x) * WIDTH_MM)}
        onTake={() => setAt((at + 1) % PARTS.length)}
        onStep={(steps) => move(xMm[part] + steps)}
      >
        <Svg
          width="100%"
          viewBox={`${mirrored ? -LEFT_MM - WIDTH_MM : LEFT_MM} -46 ${WIDTH_MM} ${HEIGHT_MM}`}
          style={{ aspectRatio: WIDTH_MM / HEIGHT_MM }}
          aria-hidden
        >
          <G scaleX={mirrored ? -1 : 1}>
            <Ellipse cx={xMm.thumb} cy={14} rx={8} ry={13} fill={skin.behind} stroke={skin.line} />
            <BowFigure tokens={tokens} />
            {FINGERS.map((finger) => (
              <Ellipse
                key={finger}
                cx={xMm[finger]}
                cy={-8}
                rx={8}
                ry={19}
                fill={skin.fill}
                fillOpacity={0.92}
                stroke={skin.line}
              />
            ))}
          </G>
          {PARTS.map((other, i) => {
            const cx = mirrored ? -xMm[other] : xMm[other];
            const cy = i === 0 ? 32 : -32;
            return (
              <G key={other}>
                <Circle
                  cx={cx}
                  cy={cy}
                  r={6}
                  fill={i === at ? tokens.amber : tokens.card}
                  stroke={tokens.ink}
                />
                <SvgText
                  x={cx}
                  y={cy + 3}
                  fontSize={8}
                  fontFamily={FONTS.strong}
                  textAnchor="middle"
                  fill={i === at ? tokens.onState : tokens.ink}
                >
                  {shortName(i)}
                </SvgText>
              </G>
            );
          })}
        </Svg>
      </PointerArea>
      <Choices question={strings.testing.place}>
        {PARTS.map((other, i) => (
          <Choice
            key={other}
            label={shortName(i)}
            accessibilityLabel={strings.testing.parts[other]}
            chosen={i === at}
            onPress={() => setAt(i)}
          />
        ))}
      </Choices>
    </>
  );
}
