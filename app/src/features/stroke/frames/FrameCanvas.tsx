import { useRef, useState } from 'react';
import { Image, Pressable, View } from 'react-native';
import Svg, { Circle, G, Line } from 'react-native-svg';
import type { Vec2 } from '@open-palm/core/units';
import { onKeys } from '../../../foundation/kit/onKeys';
import type { AreaPoint } from '../../../foundation/kit/pointers';
import { PointerSurface } from '../../../foundation/kit/PointerSurface';
import { RADIUS } from '../../../foundation/kit/tokens';
import { Magnifier } from '../../../drawing/pictures/Magnifier';
import { strokeWords } from '../../../foundation/strings/stroke';
import {
  MARKS_OF,
  nextMark,
  type MarkableFrame,
  type MarkKind,
  type MarkName,
} from './markableFrame';

const words = strokeWords.frames;

/** A touch this near to a mark takes hold of it, px of the screen. */
const GRASP_PX = 22;
const KEY_STEP_PX = 2;

/** On a photograph, whatever the theme: dark with a white rim is seen on skin, wood and sleeves. */
const MARK_INK = '#1E1B16';

/** Marks that belong together are joined by a line. */
export const MARK_LINES: readonly (readonly [MarkName, MarkName])[] = [
  ['forearmFar', 'forearmNear'],
  ['wrist', 'middleMcp'],
  ['stickHandEnd', 'stickTipEnd'],
  ['stringUpper', 'stringLower'],
];

/** A frame with its marks: a touch puts the mark that is asked for, or, when all are there, takes hold of one. */
export function FrameCanvas({
  frame,
  kind,
  onPut,
  onLifted,
  onTakenBack,
}: {
  frame: MarkableFrame;
  kind: MarkKind;
  onPut: (name: MarkName, to: Vec2) => void;
  onLifted: () => void;
  /** The mark that was just put was not meant. */
  onTakenBack: (name: MarkName) => void;
}) {
  const { picture, marks } = frame;
  const [box, setBox] = useState({ width: 1, height: 1 });
  const [held, setHeld] = useState<MarkName | null>(null);
  const grip = useRef<MarkName | null>(null);
  /** Where the mark in hand was before; undefined for a new one. */
  const before = useRef<Vec2 | undefined>(undefined);
  const asked = nextMark(frame, kind);
  const scale = box.width / picture.width;
  const inPicture = ({ x, y }: AreaPoint): Vec2 => ({
    x: x * picture.width,
    y: y * picture.height,
  });
  const hold = (name: MarkName | null) => {
    grip.current = name;
    setHeld(name);
  };
  const at = held ? marks[held] : undefined;
  return (
    <PointerSurface
      style={{
        width: '100%',
        aspectRatio: picture.width / picture.height,
        borderRadius: RADIUS,
        overflow: 'hidden',
      }}
      onDown={(share) => {
        const to = inPicture(share);
        // While something is asked, a touch is the answer: marks may lie close to each other.
        const name = asked ?? nearest(marks, to, GRASP_PX / scale);
        if (!name) return;
        before.current = marks[name];
        hold(name);
        if (name === asked) onPut(name, to);
      }}
      onMove={(share) => grip.current && onPut(grip.current, inPicture(share))}
      onUp={() => {
        if (grip.current === null) return;
        hold(null);
        onLifted();
      }}
      onCancel={() => {
        if (grip.current === null) return;
        if (before.current) onPut(grip.current, before.current);
        else onTakenBack(grip.current);
        hold(null);
      }}
    >
      <View
        role="group"
        aria-label={words.canvas}
        tabIndex={0}
        {...onKeys({
          Enter: () => asked && onPut(asked, { x: picture.width / 2, y: picture.height / 2 }),
        })}
        style={{ flex: 1 }}
        onLayout={({ nativeEvent: { layout } }) =>
          setBox({ width: Math.max(1, layout.width), height: Math.max(1, layout.height) })
        }
      >
        <Image
          source={{ uri: picture.url }}
          accessibilityLabel={words.frame(picture.timeS)}
          style={{ width: '100%', height: '100%' }}
        />
        <MarksPicture marks={marks} size={picture} scale={scale} />
        {MARKS_OF[kind].map((name) => {
          const place = marks[name];
          return place ? (
            <KeyHandle
              key={name}
              label={words.marks[name]}
              at={{ x: place.x * scale, y: place.y * scale }}
              onStep={(by) =>
                onPut(name, within({ x: place.x + by.x, y: place.y + by.y }, picture))
              }
            />
          ) : null;
        })}
        {at ? (
          <Magnifier
            url={picture.url}
            picture={picture}
            viewport={{ scale, x: 0, y: 0 }}
            at={at}
            box={box}
          />
        ) : null}
      </View>
    </PointerSurface>
  );
}

const within = ({ x, y }: Vec2, { width, height }: { width: number; height: number }): Vec2 => ({
  x: Math.min(width, Math.max(0, x)),
  y: Math.min(height, Math.max(0, y)),
});

function nearest(marks: MarkableFrame['marks'], to: Vec2, reach: number): MarkName | null {
  let best: { name: MarkName; away: number } | null = null;
  for (const [name, { x, y }] of Object.entries(marks) as [MarkName, Vec2][]) {
    const away = Math.hypot(x - to.x, y - to.y);
    if (away <= reach && (best === null || away < best.away)) best = { name, away };
  }
  return best?.name ?? null;
}

/** The marks of a frame and the lines between them, over a picture of this size. */
export function MarksPicture({
  marks,
  size,
  scale,
}: {
  marks: MarkableFrame['marks'];
  size: { width: number; height: number };
  /** Of the screen to the picture: marks are as large on every screen. */
  scale: number;
}) {
  const px = 1 / scale;
  return (
    <Svg
      width="100%"
      height="100%"
      viewBox={`0 0 ${size.width} ${size.height}`}
      style={{ position: 'absolute', left: 0, top: 0, pointerEvents: 'none' }}
    >
      {MARK_LINES.map(([from, to]) => {
        const [a, b] = [marks[from], marks[to]];
        if (!a || !b) return null;
        const ends = { x1: a.x, y1: a.y, x2: b.x, y2: b.y };
        return (
          <G key={from}>
            <Line {...ends} stroke="#FFFFFF" strokeOpacity={0.85} strokeWidth={5 * px} />
            <Line {...ends} stroke={MARK_INK} strokeWidth={2.5 * px} />
          </G>
        );
      })}
      {(Object.entries(marks) as [MarkName, Vec2][]).map(([name, { x, y }]) => (
        <Circle
          key={name}
          cx={x}
          cy={y}
          r={6 * px}
          fill="#FFFFFF"
          stroke={MARK_INK}
          strokeWidth={2.5 * px}
        />
      ))}
    </Svg>
  );
}

/** A mark as something that keys and screen readers reach; a finger touches the picture itself. */
function KeyHandle({ label, at, onStep }: { label: string; at: Vec2; onStep: (by: Vec2) => void }) {
  const step = (x: number, y: number) => (far: boolean) => {
    const px = far ? KEY_STEP_PX * 5 : KEY_STEP_PX;
    onStep({ x: x * px, y: y * px });
  };
  return (
    <Pressable
      role="button"
      aria-label={label}
      {...onKeys({
        ArrowLeft: step(-1, 0),
        ArrowRight: step(1, 0),
        ArrowUp: step(0, -1),
        ArrowDown: step(0, 1),
      })}
      style={{
        position: 'absolute',
        left: at.x - 14,
        top: at.y - 14,
        width: 28,
        height: 28,
        borderRadius: 14,
        pointerEvents: 'none',
      }}
    />
  );
}
