import { useRef, type ReactNode } from 'react';
import { View, type ViewStyle } from 'react-native';
import { pointersTo, type AreaPoint } from './pointers';

/** A drawing that a finger or the mouse touches and drags on. What it does must be reachable with keys as well. */
export function PointerSurface({
  onDown,
  onMove,
  onUp,
  onCancel,
  style,
  children,
}: {
  onDown: (at: AreaPoint) => void;
  onMove: (at: AreaPoint) => void;
  onUp: () => void;
  /** What was begun is not meant; without it nothing more happens. */
  onCancel?: () => void;
  style?: ViewStyle | undefined;
  children: ReactNode;
}) {
  /** The finger that touched it first; others touch in vain until it is lifted. */
  const finger = useRef<number | null>(null);
  const pointers = pointersTo(() => ({
    onDown: ({ id, share }) => {
      if (finger.current !== null) return;
      finger.current = id;
      onDown(inside(share));
    },
    onMove: ({ id, share }) => {
      if (finger.current === id) onMove(inside(share));
    },
    onUp: (id) => {
      if (finger.current !== id) return;
      finger.current = null;
      onUp();
    },
    onCancel: (id) => {
      if (finger.current !== id) return;
      finger.current = null;
      onCancel?.();
    },
  }));
  return (
    <View
      {...pointers}
      style={[{ touchAction: 'none', cursor: 'crosshair' } as unknown as ViewStyle, style]}
    >
      {children}
    </View>
  );
}

const inside = ({ x, y }: AreaPoint): AreaPoint => ({
  x: Math.min(1, Math.max(0, x)),
  y: Math.min(1, Math.max(0, y)),
});
