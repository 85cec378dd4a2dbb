import type { ReactNode } from 'react';
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
  const pointers = pointersTo(() => ({
    onDown: ({ share }) => onDown(inside(share)),
    onMove: ({ share }) => onMove(inside(share)),
    onUp: () => onUp(),
    onCancel: () => onCancel?.(),
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
