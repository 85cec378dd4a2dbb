import { memo, useRef, useState } from 'react';
import { Image, Pressable, View } from 'react-native';
import { GestureDetector, GestureHandlerRootView } from 'react-native-gesture-handler';
import { IconButton } from 'react-native-paper';
import type { PointName } from '@open-palm/core/measure';
import type { Vec2 } from '@open-palm/core/units';
import { useTokens } from '../../../kit/ThemeProvider';
import { space } from '../../../kit/tokens';
import { strings } from '../../../strings';
import { Magnifier } from './Magnifier';
import { MarksOverlay } from './MarksOverlay';
import { pointToSet } from './marks';
import { nearestMark } from './nearestMark';
import { IDLE } from './tool/idle';
import { nextToolState } from './tool/markTool';
import type { ToolEvent } from './tool/toolTypes';
import { useCanvasGesture } from './useCanvasGesture';
import type { MarksStore } from './useMarks';
import { useViewport } from './useViewport';
import { useWheel } from './useWheel';
import { inside, toPicture, toScreen, type Size, type Viewport } from './viewport';

const words = strings.measure;
const KEY_STEP_PX = 1;
const KEY_LEAP_PX = 10;
const ZOOM_STEP = 1.6;

const ARROWS: Record<string, Vec2> = {
  ArrowLeft: { x: -1, y: 0 },
  ArrowRight: { x: 1, y: 0 },
  ArrowUp: { x: 0, y: -1 },
  ArrowDown: { x: 0, y: 1 },
};

/** The picture with its marks: touch, mouse and keys set and move them; pinch and wheel zoom. */
export function PictureCanvas({
  url,
  picture,
  store,
}: {
  url: string;
  picture: Size;
  store: MarksStore;
}) {
  const [box, setBox] = useState<Size>({ width: 0, height: 0 });
  return (
    <View
      style={{ flex: 1, minHeight: 220 }}
      onLayout={({ nativeEvent: { layout } }) =>
        setBox((before) =>
          before.width === layout.width && before.height === layout.height
            ? before
            : { width: layout.width, height: layout.height },
        )
      }
    >
      {box.width > 0 ? <Canvas url={url} picture={picture} store={store} box={box} /> : null}
    </View>
  );
}

function Canvas({
  url,
  picture,
  store: { marks, change, current },
  box,
}: {
  url: string;
  picture: Size;
  store: MarksStore;
  box: Size;
}) {
  const tokens = useTokens();
  const ref = useRef<View>(null);
  const { viewport, zoomAbout, panBy, fitAgain } = useViewport(picture, box);
  const tool = useRef(IDLE);
  const [dragged, setDragged] = useState<PointName | null>(null);
  const onTool = (event: ToolEvent) => {
    tool.current = nextToolState(tool.current, event, {
      markAt: (at) => nearestMark(current().placed, viewport, at),
      screenOf: (name) => toScreen(viewport, current().placed[name]!),
      pictureAt: (at) => inside(toPicture(viewport, at), picture),
      next: pointToSet(current()),
      change,
    });
    setDragged(tool.current.name === 'dragging' ? tool.current.mark : null);
  };
  const gesture = useCanvasGesture({ onTool, onZoom: zoomAbout, onPan: panBy });
  useWheel(ref, zoomAbout, panBy);

  const middle = { x: box.width / 2, y: box.height / 2 };
  const setInMiddle = () => {
    const name = pointToSet(current());
    if (name === null) return;
    change({ type: 'begin' });
    change({ type: 'set', name, at: toPicture(viewport, middle) });
  };
  const at = dragged ? marks.placed[dragged] : undefined;
  return (
    <GestureHandlerRootView style={{ flex: 1, overflow: 'hidden', backgroundColor: tokens.line }}>
      <GestureDetector gesture={gesture} touchAction="none">
        <View
          ref={ref}
          testID="canvas"
          role="group"
          aria-label={words.canvas}
          tabIndex={0}
          {...onKeys({ Enter: setInMiddle })}
          style={{ flex: 1, cursor: 'crosshair' as 'pointer' }}
        >
          <Picture url={url} picture={picture} viewport={viewport} />
          <MarksOverlay placed={marks.placed} chosen={marks.chosen} viewport={viewport} box={box} />
          <MarkHandles marks={marks} change={change} viewport={viewport} picture={picture} />
        </View>
      </GestureDetector>
      {at ? <Magnifier url={url} picture={picture} viewport={viewport} at={at} box={box} /> : null}
      <View
        style={{ position: 'absolute', right: space(1), bottom: space(1), flexDirection: 'row' }}
      >
        <CanvasButton
          icon="plus"
          label={words.zoomIn}
          onPress={() => zoomAbout(ZOOM_STEP, middle)}
        />
        <CanvasButton
          icon="minus"
          label={words.zoomOut}
          onPress={() => zoomAbout(1 / ZOOM_STEP, middle)}
        />
        <CanvasButton icon="fit-to-page-outline" label={words.fit} onPress={fitAgain} />
      </View>
    </GestureHandlerRootView>
  );
}

const Picture = memo(function Picture({
  url,
  picture,
  viewport,
}: {
  url: string;
  picture: Size;
  viewport: Viewport;
}) {
  return (
    <View
      style={{
        position: 'absolute',
        left: viewport.x,
        top: viewport.y,
        width: picture.width * viewport.scale,
        height: picture.height * viewport.scale,
        pointerEvents: 'none',
      }}
    >
      <Image source={{ uri: url }} aria-hidden style={{ width: '100%', height: '100%' }} />
    </View>
  );
});

/** Each mark as something that keys and screen readers can reach; touch goes to the canvas below. */
function MarkHandles({
  marks,
  change,
  viewport,
  picture,
}: {
  marks: MarksStore['marks'];
  change: MarksStore['change'];
  viewport: Viewport;
  picture: Size;
}) {
  const { sequence, placed } = marks;
  return sequence.map((name) => {
    const place = placed[name];
    if (!place) return null;
    const shown = toScreen(viewport, place);
    const step = (by: Vec2) => {
      const at = inside({ x: place.x + by.x, y: place.y + by.y }, picture);
      change({ type: 'begin' });
      change({ type: 'set', name, at });
    };
    return (
      <Pressable
        key={name}
        role="button"
        aria-label={words.point(strings.points[name], Math.round(place.x), Math.round(place.y))}
        onFocus={() => change({ type: 'choose', name })}
        {...onKeys(
          Object.fromEntries(
            Object.entries(ARROWS).map(([key, direction]) => [
              key,
              (far: boolean) => {
                const px = far ? KEY_LEAP_PX : KEY_STEP_PX;
                step({ x: direction.x * px, y: direction.y * px });
              },
            ]),
          ),
        )}
        style={{
          position: 'absolute',
          left: shown.x - 22,
          top: shown.y - 22,
          width: 44,
          height: 44,
          borderRadius: 22,
          pointerEvents: 'none',
        }}
      />
    );
  });
}

function CanvasButton({
  icon,
  label,
  onPress,
}: {
  icon: string;
  label: string;
  onPress: () => void;
}) {
  const tokens = useTokens();
  return (
    <IconButton
      icon={icon}
      accessibilityLabel={label}
      onPress={onPress}
      size={22}
      iconColor={tokens.ink}
      containerColor={tokens.card}
      style={{ width: 48, height: 48, margin: 2 }}
    />
  );
}

/** Keys on the web, which React Native's types do not know; a handled key does nothing else. */
function onKeys(handlers: Record<string, (far: boolean) => void>): object {
  return {
    onKeyDown: (event: KeyboardEvent) => {
      const handler = handlers[event.key];
      if (!handler) return;
      event.preventDefault();
      event.stopPropagation();
      handler(event.shiftKey);
    },
  };
}
