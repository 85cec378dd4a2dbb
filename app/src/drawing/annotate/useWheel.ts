import { useEffect, type RefObject } from 'react';
import type { View } from 'react-native';
import type { CanvasTouch } from './CanvasTouch';

/** How much one notch of a wheel zooms. */
const ZOOM_PER_PX = 0.0018;

/** The mouse wheel zooms about the pointer; with Shift, or sideways, it pans. */
export function useWheel(target: RefObject<View | null>, touch: CanvasTouch, isOn: boolean): void {
  useEffect(() => {
    const element = target.current as unknown as HTMLElement | null;
    if (!element || !isOn) return;
    const onWheel = (event: WheelEvent) => {
      event.preventDefault();
      if (event.shiftKey || Math.abs(event.deltaX) > Math.abs(event.deltaY)) {
        // With Shift some browsers turn the wheel's way sideways themselves, others do not.
        touch.wheelPan({ x: -(event.deltaX === 0 ? event.deltaY : event.deltaX), y: 0 });
        return;
      }
      const edge = element.getBoundingClientRect();
      touch.wheel(Math.exp(-event.deltaY * ZOOM_PER_PX), {
        x: event.clientX - edge.left,
        y: event.clientY - edge.top,
      });
    };
    element.addEventListener('wheel', onWheel, { passive: false });
    return () => element.removeEventListener('wheel', onWheel);
  }, [target, touch, isOn]);
}
