import type { ReactNode } from 'react';
import { View, type ViewStyle } from 'react-native';

/** Where a finger is in an area, as shares of its width and height. */
export interface AreaPoint {
  x: number;
  y: number;
}

/** A drawing that a finger or the mouse touches and drags on. What it does must be reachable with keys as well. */
export function PointerSurface({
  onDown,
  onMove,
  onUp,
  style,
  children,
}: {
  onDown: (at: AreaPoint) => void;
  onMove: (at: AreaPoint) => void;
  onUp: () => void;
  style?: ViewStyle | undefined;
  children: ReactNode;
}) {
  // Pointer events as the web has them; React Native's own types know them otherwise.
  const pointers = {
    onPointerDown: (event: PointerEvent) => {
      (event.currentTarget as HTMLElement).setPointerCapture(event.pointerId);
      onDown(shareOf(event));
    },
    onPointerMove: (event: PointerEvent) => {
      if (event.buttons > 0) onMove(shareOf(event));
    },
    onPointerUp: () => onUp(),
  } as object;
  return (
    <View
      {...pointers}
      style={[{ touchAction: 'none', cursor: 'crosshair' } as unknown as ViewStyle, style]}
    >
      {children}
    </View>
  );
}

function shareOf(event: PointerEvent): AreaPoint {
  const box = (event.currentTarget as HTMLElement).getBoundingClientRect();
  const share = (at: number, from: number, size: number) =>
    Math.min(1, Math.max(0, (at - from) / size));
  return {
    x: share(event.clientX, box.left, box.width),
    y: share(event.clientY, box.top, box.height),
  };
}
