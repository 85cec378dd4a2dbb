import { memo, useEffect, useMemo, useRef, useState } from 'react';
import { Image, StyleSheet, View } from 'react-native';
import { IconButton } from 'react-native-paper';
import type { PointName } from '@open-palm/core/measure';
import type { Vec2 } from '@open-palm/core/units';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { space } from '../../foundation/kit/tokens';
import { strings } from '../../foundation/strings';
import { confirmStep } from './confirmStep';
import { GuessOverlay } from './finder/GuessOverlay';
import { Magnifier } from '../pictures/Magnifier';
import { MarkHandle } from './MarkHandle';
import { MarksOverlay } from '../pictures/MarksOverlay';
import { guessesGivenUp, pointToSet } from './marks';
import { guessesOf, nextOpen, type Marks, type Places } from './marksState';
import { nearestMark } from './nearestMark';
import { IDLE } from './tool/idle';
import { nextToolState } from './tool/markTool';
import type { ToolEvent } from './tool/toolTypes';
import { TouchLayer } from './TouchLayer';
import type { MarksStore } from './useMarks';
import { useViewport } from './useViewport';
import { inside, toPicture, toScreen, type Size, type Viewport } from '../pictures/viewport';

const words = strings.measure;
const ZOOM_STEP = 1.6;

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
  const { viewport, zoomAbout, panBy, fitAgain, focusOn } = useViewport(picture, box);
  const step = useMemo(() => confirmStep(marks), [marks]);
  const guesses = useMemo(() => guessesOf(marks), [marks]);
  const shown = useMemo(() => touchable(marks), [marks]);
  useEffect(() => {
    if (step === null) return isGivenUp(current()) ? undefined : fitAgain();
    focusOn(Object.values(touchable(current(), { onlyGuesses: true })));
    // Nearer once for each step; whoever zooms or drags then is left alone.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [step?.id, focusOn, fitAgain, current]);
  const tool = useRef(IDLE);
  const [dragged, setDragged] = useState<PointName | null>(null);
  const onTool = (event: ToolEvent) => {
    tool.current = nextToolState(tool.current, event, {
      markAt: (at) => nearestMark(touchable(current()), viewport, at),
      screenOf: (name) => toScreen(viewport, touchable(current())[name]!),
      pictureAt: (at) => inside(toPicture(viewport, at), picture),
      next: pointToSet(current()),
      givenUp: guessesGivenUp(current()),
      change,
    });
    setDragged(tool.current.name === 'dragging' ? tool.current.mark : null);
  };
  const middle = useMemo(() => ({ x: box.width / 2, y: box.height / 2 }), [box]);
  const onEnter = () => {
    const guessed = confirmStep(current());
    if (guessed) return change({ type: 'agree', names: guessed.names });
    const name = pointToSet(current());
    if (name === null) return;
    change({ type: 'begin' });
    change({ type: 'set', name, at: toPicture(viewport, middle) });
  };
  const at = dragged ? shown[dragged] : undefined;
  return (
    <View style={{ flex: 1, overflow: 'hidden', backgroundColor: tokens.line }}>
      <Picture url={url} picture={picture} viewport={viewport} />
      <View testID="marks" style={[StyleSheet.absoluteFill, { pointerEvents: 'none' }]}>
        <MarksOverlay placed={marks.placed} chosen={marks.chosen} viewport={viewport} box={box} />
        <GuessOverlay
          guesses={guesses}
          lookedAt={step?.names ?? NONE}
          chosen={marks.chosen}
          viewport={viewport}
          box={box}
        />
      </View>
      <TouchLayer onTool={onTool} onZoom={zoomAbout} onPan={panBy} onEnter={onEnter} />
      {marks.sequence.map((name) => {
        const place = shown[name];
        if (!place) return null;
        const { x, y } = toScreen(viewport, place);
        return (
          <MarkHandle
            key={name}
            name={name}
            isGuess={!marks.placed[name]}
            place={place}
            left={x}
            top={y}
            picture={picture}
            change={change}
          />
        );
      })}
      {at ? <Magnifier url={url} picture={picture} viewport={viewport} at={at} box={box} /> : null}
      <ZoomButtons zoomAbout={zoomAbout} fitAgain={fitAgain} middle={middle} />
    </View>
  );
}

/** Whether the next point had a guess that was given up: it is touched where the view already is. */
function isGivenUp(marks: Marks): boolean {
  const next = nextOpen(marks);
  return next !== null && marks.refused.includes(next) && marks.offered[next] !== undefined;
}

const NONE: readonly PointName[] = [];

/** What a touch may take hold of: the marks, and the guesses that are looked at now. */
function touchable(marks: Marks, { onlyGuesses = false } = {}): Places {
  const guesses = guessesOf(marks);
  const now = confirmStep(marks)?.names ?? NONE;
  return {
    ...(onlyGuesses ? {} : marks.placed),
    ...Object.fromEntries(now.map((name) => [name, guesses[name]!])),
  };
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
      <Image source={{ uri: url }} aria-hidden style={{ width: '100%', height: '100%' }} />
    </View>
  );
});

const ZoomButtons = memo(function ZoomButtons({
  zoomAbout,
  fitAgain,
  middle,
}: {
  zoomAbout: (factor: number, about: Vec2) => void;
  fitAgain: () => void;
  middle: Vec2;
}) {
  return (
    <View style={{ position: 'absolute', right: space(1), bottom: space(1), flexDirection: 'row' }}>
      <CanvasButton icon="plus" label={words.zoomIn} onPress={() => zoomAbout(ZOOM_STEP, middle)} />
      <CanvasButton
        icon="minus"
        label={words.zoomOut}
        onPress={() => zoomAbout(1 / ZOOM_STEP, middle)}
      />
      <CanvasButton icon="fit-to-page-outline" label={words.fit} onPress={fitAgain} />
    </View>
  );
});

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
