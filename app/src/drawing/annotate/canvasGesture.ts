import { Gesture } from 'react-native-gesture-handler';
import type { CanvasTouch } from './CanvasTouch';

/** The gestures on the picture: one finger (or the mouse) works the mark tool, two fingers zoom and pan. */
export function gestureFor(touch: CanvasTouch) {
  const oneFinger = Gesture.Pan()
    .runOnJS(true)
    .minDistance(0)
    .maxPointers(1)
    .onBegin((event) => touch.down(event))
    .onUpdate((event) => touch.move(event))
    .onFinalize(({ numberOfPointers }) => (numberOfPointers > 1 ? touch.cancel() : touch.up()));
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
