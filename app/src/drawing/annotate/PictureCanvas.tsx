import { memo, useCallback, useEffect, useMemo } from 'react';
import { View } from 'react-native';
import { IconButton } from 'react-native-paper';
import type { PointName } from '@open-palm/core/measure';
import type { Vec2 } from '@open-palm/core/units';
import type { GlyphName } from '../../foundation/kit/glyphs';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { space } from '../../foundation/kit/tokens';
import { strings } from '../../foundation/strings';
import { MarksOverlay } from '../pictures/MarksOverlay';
import type { Size } from '../pictures/viewport';
import { confirmStep, type ConfirmStep } from './confirmStep';
import { GuessOverlay } from './finder/GuessOverlay';
import { MarkCanvas, type HandleOf, type View2d } from './MarkCanvas';
import { pointToSet } from './marks';
import { guessesOf, nextOpen, type Marks, type Places } from './marksState';
import type { MarksStore } from './useMarks';
import { touchable, worldOfMarks } from './worldOfMarks';

const words = strings.measure;
const ZOOM_STEP = 1.6;

/** The picture of a look with its points, and the guesses that are looked at now. */
export function PictureCanvas({
  url,
  picture,
  store,
}: {
  url: string;
  picture: Size;
  store: MarksStore;
}) {
  const { marks, change, current } = store;
  const world = useMemo(() => worldOfMarks({ change, current }), [change, current]);
  const step = useMemo(() => confirmStep(marks), [marks]);
  const guesses = useMemo(() => guessesOf(marks), [marks]);
  const handles = useMemo(() => handlesOf(marks), [marks]);
  const onEnter = (middle: Vec2) => {
    const guessed = confirmStep(current());
    if (guessed) return change({ type: 'agree', names: guessed.names });
    const name = pointToSet(current());
    if (name === null) return;
    change({ type: 'begin' });
    change({ type: 'set', name, at: middle });
  };
  return (
    <View style={{ flex: 1, minHeight: 220 }}>
      <MarkCanvas<PointName>
        url={url}
        picture={picture}
        label={words.canvas}
        world={world}
        handles={handles}
        onEnter={onEnter}
      >
        {(view) => {
          const { viewport, box } = view;
          return {
            marks: (
              <>
                <MarksOverlay
                  placed={marks.placed}
                  chosen={marks.chosen}
                  viewport={viewport}
                  box={box}
                />
                <GuessOverlay
                  guesses={guesses}
                  lookedAt={step?.names ?? NONE}
                  chosen={marks.chosen}
                  viewport={viewport}
                  box={box}
                />
              </>
            ),
            over: <Nearness view={view} step={step} current={current} />,
          };
        }}
      </MarkCanvas>
    </View>
  );
}

const NONE: readonly PointName[] = [];

/** What keys reach: the points that are there, and the guesses that are looked at. */
function handlesOf(marks: Marks): HandleOf<PointName>[] {
  const shown = touchable(marks);
  return marks.sequence.flatMap((name) => {
    const at = shown[name];
    if (!at) return [];
    const say = marks.placed[name] ? words.point : strings.confirm.guess;
    return [{ name, at, label: say(strings.points[name], Math.round(at.x), Math.round(at.y)) }];
  });
}

/** Comes nearer to the guesses that are looked at, and has the buttons for coming nearer. */
function Nearness({
  view: { box, zoomAbout, fitAgain, focusOn },
  step,
  current,
}: {
  view: View2d;
  step: ConfirmStep | null;
  current: () => Marks;
}) {
  useEffect(() => {
    if (step === null) return isGivenUp(current()) ? undefined : fitAgain();
    focusOn(Object.values(guessesNow(current())));
    // Nearer once for each step; whoever zooms or drags then is left alone.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [step?.id, focusOn, fitAgain, current]);
  const zoom = useCallback(
    (factor: number) => zoomAbout(factor, { x: box.width / 2, y: box.height / 2 }),
    [zoomAbout, box],
  );
  return <ZoomButtons zoom={zoom} fitAgain={fitAgain} />;
}

/** The guesses that are looked at now. */
function guessesNow(marks: Marks): Places {
  const guesses = guessesOf(marks);
  const names = confirmStep(marks)?.names ?? NONE;
  return Object.fromEntries(names.map((name) => [name, guesses[name]!]));
}

/** Whether the next point had a guess that was given up: it is touched where the view already is. */
function isGivenUp(marks: Marks): boolean {
  const next = nextOpen(marks);
  return next !== null && marks.refused.includes(next) && marks.offered[next] !== undefined;
}

const ZoomButtons = memo(function ZoomButtons({
  zoom,
  fitAgain,
}: {
  zoom: (factor: number) => void;
  fitAgain: () => void;
}) {
  return (
    <View style={{ position: 'absolute', right: space(1), bottom: space(1), flexDirection: 'row' }}>
      <CanvasButton icon="plus" label={words.zoomIn} onPress={() => zoom(ZOOM_STEP)} />
      <CanvasButton icon="minus" label={words.zoomOut} onPress={() => zoom(1 / ZOOM_STEP)} />
      <CanvasButton icon="fit-to-page-outline" label={words.fit} onPress={fitAgain} />
    </View>
  );
});

function CanvasButton({
  icon,
  label,
  onPress,
}: {
  icon: GlyphName;
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
