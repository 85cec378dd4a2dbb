import { useState } from 'react';
import { View } from 'react-native';
import Svg, { Circle, G, Path, Rect } from 'react-native-svg';
import { Card } from '../../foundation/kit/Card';
import { Choice, Choices } from '../../foundation/kit/Choice';
import { PointerSurface } from '../../foundation/kit/PointerSurface';
import { Text } from '../../foundation/kit/Text';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { space } from '../../foundation/kit/tokens';
import { BowFigure } from '../../drawing/portrait/BowFigure';
import { strings } from '../../foundation/strings';

const words = strings.build;

interface Frame {
  left: number;
  top: number;
  width: number;
  height: number;
}

/** The hand's end large enough for a finger, and the tip's end below it. */
const HAND_END: Frame = { left: -66, top: -14, width: 142, height: 42 };
const TIP_END: Frame = { left: 76, top: -14, width: 60, height: 42 };

/** Where each part lies in the portrait's drawing, mm; what is in front comes first. */
const PARTS: readonly (readonly [
  string,
  { x: number; y: number; width: number; height: number },
])[] = [
  ['button', { x: -62, y: -5, width: 14, height: 10 }],
  ['eye', { x: -31, y: 9, width: 8, height: 8 }],
  ['ferrule', { x: -9, y: 14, width: 11, height: 8.5 }],
  ['throat', { x: -8, y: 4, width: 9, height: 10 }],
  ['slide', { x: -46, y: 18.5, width: 37, height: 4 }],
  ['frog', { x: -46, y: 4, width: 38, height: 14.5 }],
  ['grip', { x: 4, y: -5.2, width: 23, height: 10.4 }],
  ['winding', { x: 29, y: -5, width: 42, height: 10 }],
  ['tip', { x: 108, y: -6, width: 20, height: 28 }],
  ['hair', { x: 2, y: 16, width: 106, height: 5 }],
  ['stick', { x: -48, y: -5, width: 156, height: 10 }],
];

/** How far beside a part a finger may land, mm. */
const SLACK_MM = 2.5;

/** The part at a place of the drawing; what is in front comes first. */
const partAt = (x: number, y: number): string | null =>
  PARTS.find(
    ([, box]) =>
      x >= box.x - SLACK_MM &&
      x <= box.x + box.width + SLACK_MM &&
      y >= box.y - SLACK_MM &&
      y <= box.y + box.height + SLACK_MM,
  )?.[0] ?? null;

/** The bow of the portrait: its parts are touched, and say what they are called. */
export function LabelledBow() {
  const [chosen, setChosen] = useState<string | null>(null);
  const touch = (part: string | null) => part !== null && setChosen(part);
  const part = chosen === null ? null : strings.bowParts[chosen]!;
  return (
    <View style={{ gap: space(3) }}>
      <Card style={{ padding: 0, overflow: 'hidden' }}>
        <BowPiece frame={HAND_END} label={words.parts} chosen={chosen} onTouch={touch} />
        <View style={{ width: '44%', alignSelf: 'flex-end' }}>
          <BowPiece frame={TIP_END} label={words.tipEnd} chosen={chosen} onTouch={touch} />
        </View>
      </Card>
      <View style={{ minHeight: space(16) }} aria-live="polite">
        {part ? (
          <>
            <Text variant="heading">{part.name}</Text>
            <Text>{part.what}</Text>
          </>
        ) : (
          <Text second>{words.touch}</Text>
        )}
      </View>
      <Choices question={words.parts}>
        {PARTS.map(([id]) => (
          <Choice
            key={id}
            label={strings.bowParts[id]!.name}
            chosen={id === chosen}
            onPress={() => setChosen(id)}
          />
        ))}
      </Choices>
    </View>
  );
}

/** One end of the bow. */
function BowPiece({
  frame,
  label,
  chosen,
  onTouch,
}: {
  frame: Frame;
  label: string;
  chosen: string | null;
  onTouch: (part: string | null) => void;
}) {
  const tokens = useTokens();
  const box = PARTS.find(([id]) => id === chosen)?.[1];
  const touch = ({ x, y }: { x: number; y: number }) =>
    onTouch(partAt(frame.left + x * frame.width, frame.top + y * frame.height));
  return (
    <PointerSurface onDown={touch} onMove={touch} onUp={() => undefined}>
      <Svg
        width="100%"
        viewBox={`${frame.left} ${frame.top} ${frame.width} ${frame.height}`}
        style={{ aspectRatio: frame.width / frame.height }}
        role="img"
        aria-label={label}
      >
        <BowFigure tokens={tokens} />
        {/* The stick goes on to the tip, much longer than there is room for. */}
        <Rect x={92} y={-4.2} width={24} height={8.4} fill={tokens.wood} />
        <Path d="M114 -4.2H122Q128 4 124 20H112Q114 8 110 4.2Z" fill={tokens.wood} />
        <Rect
          x={88}
          y={17}
          width={26}
          height={2.6}
          fill={tokens.hair}
          stroke={tokens.line}
          strokeWidth={0.4}
        />
        {box ? (
          <G>
            <Rect {...box} fill="none" stroke={tokens.amber} strokeWidth={1.4} rx={1.5} />
            <Circle cx={box.x + box.width / 2} cy={box.y - 4} r={1.8} fill={tokens.amber} />
          </G>
        ) : null}
      </Svg>
    </PointerSurface>
  );
}
