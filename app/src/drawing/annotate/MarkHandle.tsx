import { memo, useLayoutEffect, useRef } from 'react';
import { Pressable } from 'react-native';
import type { Vec2 } from '@open-palm/core/units';
import { onKeys } from '../../foundation/kit/onKeys';
import { inside, type Size } from '../pictures/viewport';

const KEY_STEP_PX = 1;
const KEY_LEAP_PX = 10;
const SIZE = 44;

const ARROWS: Record<string, Vec2> = {
  ArrowLeft: { x: -1, y: 0 },
  ArrowRight: { x: 1, y: 0 },
  ArrowUp: { x: 0, y: -1 },
  ArrowDown: { x: 0, y: 1 },
};

interface Handled {
  label: string;
  /** In the picture. */
  place: Vec2;
  /** Of the mark, on the screen. */
  left: number;
  top: number;
  picture: Size;
}

interface Doing {
  onFocus: () => void;
  /** @param to in the picture, and inside of it */
  onMoved: (to: Vec2) => void;
}

/** A mark as something that keys and screen readers can reach; touch goes to the canvas below. */
export function MarkHandle({ onFocus, onMoved, ...handled }: Handled & Doing) {
  // While one mark is dragged the handles of the others stay as they are.
  const doing = useRef<Doing>({ onFocus, onMoved });
  useLayoutEffect(() => {
    doing.current = { onFocus, onMoved };
  });
  return <Handle {...handled} doing={doing} />;
}

const Handle = memo(function Handle({
  label,
  place,
  left,
  top,
  picture,
  doing,
}: Handled & { doing: { current: Doing } }) {
  const step = ({ x, y }: Vec2, px: number) =>
    doing.current.onMoved(inside({ x: place.x + x * px, y: place.y + y * px }, picture));
  const keys = Object.fromEntries(
    Object.entries(ARROWS).map(([key, direction]) => [
      key,
      (far: boolean) => step(direction, far ? KEY_LEAP_PX : KEY_STEP_PX),
    ]),
  );
  return (
    <Pressable
      role="button"
      aria-label={label}
      onFocus={() => doing.current.onFocus()}
      {...onKeys(keys)}
      style={{
        position: 'absolute',
        left: left - SIZE / 2,
        top: top - SIZE / 2,
        width: SIZE,
        height: SIZE,
        borderRadius: SIZE / 2,
        pointerEvents: 'none',
      }}
    />
  );
});
