import { useMemo, useRef } from 'react';
import { Gesture } from 'react-native-gesture-handler';
import type { Vec2 } from '@open-palm/core/units';
import type { ToolEvent } from './tool/toolTypes';

/**
 * The gestures on the picture: one finger (or the mouse) works the mark tool, two fingers zoom and pan.
 *
 * A second finger cancels what the first had begun, so that zooming never leaves a stray point.
 */
export function useCanvasGesture({
  onTool,
  onZoom,
  onPan,
}: {
  onTool: (event: ToolEvent) => void;
  onZoom: (factor: number, about: Vec2) => void;
  onPan: (by: Vec2) => void;
}) {
  const handlers = useRef({ onTool, onZoom, onPan });
  handlers.current = { onTool, onZoom, onPan };
  // One object for all callbacks: gesture callbacks may be compiled so that plain variables are copied into them.
  const touch = useRef({ last: { x: 0, y: 0 }, begun: false, scale: 1, moved: { x: 0, y: 0 } });
  return useMemo(() => {
    const end = (type: 'up' | 'cancel') => {
      if (!touch.current.begun) return;
      touch.current.begun = false;
      handlers.current.onTool(type === 'up' ? { type, at: touch.current.last } : { type });
    };
    const at = (type: 'down' | 'move', { x, y }: Vec2) => {
      touch.current.last = { x, y };
      handlers.current.onTool({ type, at: { x, y } });
    };
    const oneFinger = Gesture.Pan()
      .runOnJS(true)
      .minDistance(0)
      .maxPointers(1)
      .onTouchesDown((event) => {
        if (event.numberOfTouches > 1) end('cancel');
      })
      .onBegin((event) => {
        touch.current.begun = true;
        at('down', event);
      })
      .onUpdate((event) => {
        if (touch.current.begun) at('move', event);
      })
      .onTouchesCancelled(() => end('cancel'))
      .onFinalize(() => end('up'));

    const pinch = Gesture.Pinch()
      .runOnJS(true)
      .onStart(() => {
        touch.current.scale = 1;
        end('cancel');
      })
      .onUpdate((event) => {
        const factor = event.scale / touch.current.scale;
        touch.current.scale = event.scale;
        handlers.current.onZoom(factor, { x: event.focalX, y: event.focalY });
      });

    const twoFingers = Gesture.Pan()
      .runOnJS(true)
      .minPointers(2)
      .onStart(() => {
        touch.current.moved = { x: 0, y: 0 };
      })
      .onUpdate(({ translationX: x, translationY: y }) => {
        const { moved } = touch.current;
        touch.current.moved = { x, y };
        handlers.current.onPan({ x: x - moved.x, y: y - moved.y });
      });
    return Gesture.Simultaneous(oneFinger, pinch, twoFingers);
  }, []);
}
