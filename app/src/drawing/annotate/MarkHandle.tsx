import { memo } from 'react';
import { Pressable } from 'react-native';
import type { PointName } from '@open-palm/core/measure';
import type { Vec2 } from '@open-palm/core/units';
import { strings } from '../../foundation/strings';
import { onKeys } from '../../foundation/kit/onKeys';
import type { MarksStore } from './useMarks';
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

/** A mark as something that keys and screen readers can reach; touch goes to the canvas below. */
export const MarkHandle = memo(function MarkHandle({
  name,
  isGuess,
  place,
  left,
  top,
  picture,
  change,
}: {
  name: PointName;
  /** Whether it still waits to be called right. */
  isGuess: boolean;
  /** In the picture. */
  place: Vec2;
  /** Of the mark, on the screen. */
  left: number;
  top: number;
  picture: Size;
  change: MarksStore['change'];
}) {
  const step = ({ x, y }: Vec2, px: number) => {
    change({ type: 'begin' });
    change({
      type: 'set',
      name,
      at: inside({ x: place.x + x * px, y: place.y + y * px }, picture),
    });
  };
  const keys = Object.fromEntries(
    Object.entries(ARROWS).map(([key, direction]) => [
      key,
      (far: boolean) => step(direction, far ? KEY_LEAP_PX : KEY_STEP_PX),
    ]),
  );
  const words = isGuess ? strings.confirm.guess : strings.measure.point;
  return (
    <Pressable
      role="button"
      aria-label={words(strings.points[name], Math.round(place.x), Math.round(place.y))}
      onFocus={() => change({ type: 'choose', name })}
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
