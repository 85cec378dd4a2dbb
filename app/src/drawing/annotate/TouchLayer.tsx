import { memo, useLayoutEffect, useRef, useState } from 'react';
import type { View as NativeView } from 'react-native';
import { StyleSheet, View } from 'react-native';
import { GestureDetector, GestureHandlerRootView } from 'react-native-gesture-handler';
import { strings } from '../../foundation/strings';
import { CanvasTouch, type CanvasListener } from './CanvasTouch';
import { gestureFor } from './canvasGesture';
import { onKeys } from '../../foundation/kit/onKeys';
import { useWheel } from './useWheel';

/** What takes touch, mouse, wheel and Enter over the picture. It never changes while a mark is dragged. */
export function TouchLayer(listener: CanvasListener & { onEnter: () => void }) {
  const [touch] = useState(() => new CanvasTouch());
  const enter = useRef(listener.onEnter);
  useLayoutEffect(() => {
    touch.listen(listener);
    enter.current = listener.onEnter;
  });
  return <Layer touch={touch} enter={enter} />;
}

const Layer = memo(function Layer({
  touch,
  enter,
}: {
  touch: CanvasTouch;
  enter: { current: () => void };
}) {
  const ref = useRef<NativeView>(null);
  const [gesture] = useState(() => gestureFor(touch));
  useWheel(ref, touch);
  return (
    <GestureHandlerRootView style={StyleSheet.absoluteFill}>
      <GestureDetector gesture={gesture} touchAction="none">
        <View
          ref={ref}
          testID="canvas"
          role="group"
          aria-label={strings.measure.canvas}
          tabIndex={0}
          {...onKeys({ Enter: () => enter.current() })}
          style={{ flex: 1, cursor: 'crosshair' as 'pointer' }}
        />
      </GestureDetector>
    </GestureHandlerRootView>
  );
});
