import { useEffect, useEffectEvent, type RefObject } from 'react';
import type { View } from 'react-native';
import type { Vec2 } from '@open-palm/core/units';

/** How much one notch of a wheel zooms. */
const ZOOM_PER_PX = 0.0018;

/** The mouse wheel zooms about the pointer; with Shift, or sideways, it pans. */
export function useWheel(
  target: RefObject<View | null>,
  zoomAbout: (factor: number, about: Vec2) => void,
  panBy: (by: Vec2) => void,
): void {
  const turned = useEffectEvent((event: WheelEvent, element: HTMLElement) => {
    event.preventDefault();
    if (event.shiftKey || Math.abs(event.deltaX) > Math.abs(event.deltaY)) {
      // With Shift some browsers turn the wheel's way sideways themselves, others do not.
      const sideways = event.deltaX === 0 ? event.deltaY : event.deltaX;
      panBy({ x: -sideways, y: 0 });
      return;
    }
    const edge = element.getBoundingClientRect();
    zoomAbout(Math.exp(-event.deltaY * ZOOM_PER_PX), {
      x: event.clientX - edge.left,
      y: event.clientY - edge.top,
    });
  });
  useEffect(() => {
    const element = target.current as unknown as HTMLElement | null;
    if (!element) return;
    const onWheel = (event: WheelEvent) => turned(event, element);
    element.addEventListener('wheel', onWheel, { passive: false });
    return () => element.removeEventListener('wheel', onWheel);
  }, [target]);
}
