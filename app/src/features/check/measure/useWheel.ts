import { useEffect, useRef, type RefObject } from 'react';
import type { View } from 'react-native';
import type { Vec2 } from '@open-palm/core/units';

/** How much one notch of a wheel zooms. */
const ZOOM_PER_PX = 0.0018;

/** The mouse wheel zooms about the pointer; with Shift, or sideways, it pans. */
export function useWheel(
  target: RefObject<View | null>,
  onZoom: (factor: number, about: Vec2) => void,
  onPan: (by: Vec2) => void,
): void {
  const handlers = useRef({ onZoom, onPan });
  handlers.current = { onZoom, onPan };
  useEffect(() => {
    const element = target.current as unknown as HTMLElement | null;
    if (!element) return;
    const onWheel = (event: WheelEvent) => {
      event.preventDefault();
      if (event.shiftKey || Math.abs(event.deltaX) > Math.abs(event.deltaY)) {
        handlers.current.onPan({ x: -event.deltaX, y: event.shiftKey ? 0 : -event.deltaY });
        return;
      }
      const edge = element.getBoundingClientRect();
      handlers.current.onZoom(Math.exp(-event.deltaY * ZOOM_PER_PX), {
        x: event.clientX - edge.left,
        y: event.clientY - edge.top,
      });
    };
    element.addEventListener('wheel', onWheel, { passive: false });
    return () => element.removeEventListener('wheel', onWheel);
  }, [target]);
}
