import { useLayoutEffect, useState } from 'react';
import { Gesture } from 'react-native-gesture-handler';
import { CanvasTouch, type CanvasListener } from './CanvasTouch';

/** The gestures on the picture: one finger (or the mouse) works the mark tool, two fingers zoom and pan. */
export function useCanvasGesture(listener: CanvasListener) {
  const [{ touch, gesture }] = useState(() => {
    const fresh = new CanvasTouch();
    return { touch: fresh, gesture: gestureFor(fresh) };
  });
  useLayoutEffect(() => touch.listen(listener));
  return gesture;
}

function gestureFor(touch: CanvasTouch) {
  const oneFinger = Gesture.Pan()
    .runOnJS(true)
    .minDistance(0)
    .maxPointers(1)
    .onTouchesDown((event) => {
      if (event.numberOfTouches > 1) touch.cancel();
    })
    .onBegin((event) => touch.down(event))
    .onUpdate((event) => touch.move(event))
    .onTouchesCancelled(() => touch.cancel())
    .onFinalize(() => touch.up());
  const pinch = Gesture.Pinch()
    .runOnJS(true)
    .onStart(() => touch.pinchStart())
    .onUpdate(({ scale, focalX, focalY }) => touch.pinch(scale, { x: focalX, y: focalY }));
  const twoFingers = Gesture.Pan()
    .runOnJS(true)
    .minPointers(2)
    .onStart(() => touch.panStart())
    .onUpdate(({ translationX, translationY }) => touch.pan({ x: translationX, y: translationY }));
  return Gesture.Simultaneous(oneFinger, pinch, twoFingers);
}
