import { useRef, type ReactNode } from 'react';
import { View, type ViewStyle } from 'react-native';
import { onKeys } from './onKeys';
import { pointersTo, type AreaPoint } from './pointers';
import { TOUCH } from './tokens';

/**
 * Something on a drawing that a finger takes hold of and moves; with keys it is a slider. It lies over the drawing, whose
 * box it is placed in, and touches only what is under it, so that the page can still be scrolled beside it.
 */
export function DragHandle({
  label,
  at,
  value,
  valueText,
  min,
  max,
  onMove,
  onStep,
  onEnd,
  width = TOUCH,
  height = TOUCH,
  above = false,
  children,
}: {
  label: string;
  /** Its middle, as shares of the drawing's width and height. */
  at: AreaPoint;
  value: number;
  valueText: string;
  min: number;
  max: number;
  /** Where its middle was moved to, as shares of the drawing; may lie outside. */
  onMove: (to: AreaPoint) => void;
  /** A key moved it by so many steps. */
  onStep: (steps: number) => void;
  /** It was let go: what was moved may be written down. */
  onEnd?: () => void;
  width?: number;
  height?: number;
  /** Whether it lies over others that overlap it. */
  above?: boolean;
  children?: ReactNode;
}) {
  const grip = useRef<{ finger: number; by: AreaPoint; from: AreaPoint } | null>(null);
  const step = (by: number) => (shift: boolean) => onStep(shift ? by * 5 : by);
  const pointers = pointersTo(
    () => ({
      onDown: ({ id, share }) => {
        // The finger that took hold of it moves it; others touch in vain.
        grip.current ??= {
          finger: id,
          by: { x: share.x - at.x, y: share.y - at.y },
          from: at,
        };
      },
      onMove: ({ id, share }) => {
        if (grip.current?.finger !== id) return;
        const { by } = grip.current;
        onMove({ x: share.x - by.x, y: share.y - by.y });
      },
      onUp: (id) => {
        if (grip.current?.finger !== id) return;
        grip.current = null;
        onEnd?.();
      },
      onCancel: (id) => {
        if (grip.current?.finger !== id) return;
        // Back to where it was taken hold of.
        onMove(grip.current.from);
        grip.current = null;
      },
    }),
    'parent',
  );
  return (
    <View
      role="slider"
      aria-label={label}
      aria-valuemin={Math.round(min)}
      aria-valuemax={Math.round(max)}
      aria-valuenow={Math.round(value)}
      aria-valuetext={valueText}
      tabIndex={0}
      {...onKeys({
        ArrowRight: step(1),
        ArrowUp: step(1),
        ArrowLeft: step(-1),
        ArrowDown: step(-1),
      })}
      {...pointers}
      style={
        {
          position: 'absolute',
          left: `${at.x * 100}%`,
          top: `${at.y * 100}%`,
          width,
          height,
          marginLeft: -width / 2,
          marginTop: -height / 2,
          zIndex: above ? 2 : 1,
          borderRadius: TOUCH / 2,
          touchAction: 'none',
          cursor: 'grab',
        } as unknown as ViewStyle
      }
    >
      {children}
    </View>
  );
}
