import { memo, useLayoutEffect, useRef, useState } from 'react';
import { StyleSheet, View, type ViewStyle } from 'react-native';
import { onKeys } from '../../foundation/kit/onKeys';
import { pointersTo } from '../../foundation/kit/pointers';
import { strings } from '../../foundation/strings';
import { CanvasTouch, type CanvasListener } from './CanvasTouch';
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
  const ref = useRef<View>(null);
  useWheel(ref, touch);
  return (
    <View
      ref={ref}
      testID="canvas"
      role="group"
      aria-label={strings.measure.canvas}
      tabIndex={0}
      {...onKeys({ Enter: () => enter.current() })}
      {...pointersTo(() => touch)}
      style={[
        StyleSheet.absoluteFill,
        { touchAction: 'none', cursor: 'crosshair' } as unknown as ViewStyle,
      ]}
    />
  );
});
