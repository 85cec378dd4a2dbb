import { memo, useLayoutEffect, useRef, useState } from 'react';
import { StyleSheet, View, type ViewStyle } from 'react-native';
import { onKeys } from '../../foundation/kit/onKeys';
import { pointersTo } from '../../foundation/kit/pointers';
import { CanvasTouch, type CanvasListener } from './CanvasTouch';
import { useWheel } from './useWheel';

/** What takes touch, mouse, wheel and Enter over the picture. It never changes while a mark is dragged. */
export function TouchLayer({
  label,
  wheelZooms,
  ...listener
}: CanvasListener & { label: string; wheelZooms: boolean; onEnter: () => void }) {
  const [touch] = useState(() => new CanvasTouch());
  const enter = useRef(listener.onEnter);
  useLayoutEffect(() => {
    touch.listen(listener);
    enter.current = listener.onEnter;
  });
  return <Layer touch={touch} enter={enter} label={label} wheelZooms={wheelZooms} />;
}

const Layer = memo(function Layer({
  touch,
  enter,
  label,
  wheelZooms,
}: {
  touch: CanvasTouch;
  enter: { current: () => void };
  label: string;
  wheelZooms: boolean;
}) {
  const ref = useRef<View>(null);
  useWheel(ref, touch, wheelZooms);
  return (
    <View
      ref={ref}
      testID="canvas"
      role="group"
      aria-label={label}
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
