import { memo, useMemo, useRef, useState, type ReactNode } from 'react';
import { Image, StyleSheet, View } from 'react-native';
import type { Vec2 } from '@open-palm/core/units';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { Magnifier } from '../pictures/Magnifier';
import { inside, toPicture, toScreen, type Size, type Viewport } from '../pictures/viewport';
import { MarkHandle } from './MarkHandle';
import { nearestMark } from './nearestMark';
import { nextToolState } from './tool/markTool';
import type { ToolEvent, ToolState, ToolWorld } from './tool/toolTypes';
import { TouchLayer } from './TouchLayer';
import { useViewport } from './useViewport';

/** How a picture lies in its box, and how to come nearer. */
export type View2d = ReturnType<typeof useViewport> & { box: Size };

/** What is marked on a picture, as the tool sees and changes it: the rest of its world is the picture's place on the screen. */
export interface MarkWorld<Name extends string> extends Omit<
  ToolWorld<Name>,
  'markAt' | 'screenOf' | 'pictureAt'
> {
  /** What a touch may take hold of, as it is this very moment, px of the picture. */
  touchable(): Partial<Record<Name, Vec2>>;
  /** Where a mark is, px of the picture. */
  placeOf(name: Name): Vec2;
}

/** Marks that keys and screen readers reach, in their order. */
export interface HandleOf<Name extends string> {
  name: Name;
  label: string;
  at: Vec2;
}

/**
 * A picture on which marks are set and moved: by touch, mouse and keys; two fingers and the wheel zoom. Everything that is marked on a
 * picture is marked here.
 */
export function MarkCanvas<Name extends string>({
  url,
  picture,
  label,
  pictureLabel,
  world,
  handles,
  wheelZooms = true,
  onEnter,
  children,
}: {
  url: string;
  picture: Size;
  /** What is done here, for screen readers. */
  label: string;
  pictureLabel?: string;
  world: MarkWorld<Name>;
  handles: readonly HandleOf<Name>[];
  /** Not where the page itself is scrolled by the wheel. */
  wheelZooms?: boolean;
  /** @param middle of what is shown, px of the picture */
  onEnter: (middle: Vec2) => void;
  /** What lies over the picture: the marks themselves, and what else belongs to them. */
  children: (view: View2d) => { marks: ReactNode; over?: ReactNode };
}) {
  const [box, setBox] = useState<Size>({ width: 0, height: 0 });
  return (
    <View
      style={{ flex: 1 }}
      onLayout={({ nativeEvent: { layout } }) =>
        setBox((before) =>
          before.width === layout.width && before.height === layout.height
            ? before
            : { width: layout.width, height: layout.height },
        )
      }
    >
      {box.width > 0 ? (
        <Canvas
          {...{ url, picture, label, pictureLabel, world, handles, wheelZooms, onEnter, box }}
        >
          {children}
        </Canvas>
      ) : null}
    </View>
  );
}

function Canvas<Name extends string>({
  url,
  picture,
  label,
  pictureLabel,
  world,
  handles,
  wheelZooms,
  onEnter,
  box,
  children,
}: Omit<Parameters<typeof MarkCanvas<Name>>[0], 'pictureLabel' | 'wheelZooms'> & {
  pictureLabel: string | undefined;
  wheelZooms: boolean;
  box: Size;
}) {
  const tokens = useTokens();
  const view = useViewport(picture, box);
  const { viewport, zoomAbout, panBy } = view;
  const tool = useRef<ToolState<Name>>({ name: 'idle' });
  const [followed, setFollowed] = useState<Name | null>(null);
  const onTool = (event: ToolEvent) => {
    const next = nextToolState(tool.current, event, {
      ...world,
      markAt: (at) => nearestMark(world.touchable(), viewport, at),
      screenOf: (name) => toScreen(viewport, world.placeOf(name)),
      pictureAt: (at) => inside(toPicture(viewport, at), picture),
    });
    tool.current = next;
    setFollowed('mark' in next && next.name !== 'pointing' ? next.mark : null);
  };
  const middle = useMemo(() => ({ x: box.width / 2, y: box.height / 2 }), [box]);
  const at = followed === null ? undefined : handles.find(({ name }) => name === followed)?.at;
  const { marks, over } = children({ ...view, box });
  return (
    <View style={{ flex: 1, overflow: 'hidden', backgroundColor: tokens.line }}>
      <Picture url={url} picture={picture} viewport={viewport} label={pictureLabel} />
      <View testID="marks" style={[StyleSheet.absoluteFill, { pointerEvents: 'none' }]}>
        {marks}
      </View>
      <TouchLayer
        label={label}
        wheelZooms={wheelZooms}
        onTool={onTool}
        onZoom={zoomAbout}
        onPan={panBy}
        onEnter={() => onEnter(toPicture(viewport, middle))}
      />
      {handles.map((handle) => {
        const { x, y } = toScreen(viewport, handle.at);
        return (
          <MarkHandle
            key={handle.name}
            label={handle.label}
            place={handle.at}
            left={x}
            top={y}
            picture={picture}
            onFocus={() => world.choose(handle.name)}
            onMoved={(to) => {
              world.begin(handle.name, false);
              world.set(handle.name, to);
            }}
          />
        );
      })}
      {at ? <Magnifier url={url} picture={picture} viewport={viewport} at={at} box={box} /> : null}
      {over}
    </View>
  );
}

const Picture = memo(function Picture({
  url,
  picture,
  viewport,
  label,
}: {
  url: string;
  picture: Size;
  viewport: Viewport;
  label: string | undefined;
}) {
  return (
    <View
      testID="picture"
      style={{
        position: 'absolute',
        left: viewport.x,
        top: viewport.y,
        width: picture.width * viewport.scale,
        height: picture.height * viewport.scale,
        pointerEvents: 'none',
      }}
    >
      <Image
        source={{ uri: url }}
        {...(label === undefined ? { 'aria-hidden': true } : { accessibilityLabel: label })}
        style={{ width: '100%', height: '100%' }}
      />
    </View>
  );
});
