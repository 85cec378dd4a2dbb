import { memo, useEffect, useMemo, type ReactNode } from 'react';
import { useWindowDimensions, View } from 'react-native';
import { BackHeader } from '../../foundation/kit/BackHeader';
import { Notice } from '../../foundation/kit/Notice';
import { Text } from '../../foundation/kit/Text';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { space } from '../../foundation/kit/tokens';
import { useWide } from '../../foundation/kit/useWide';
import { strings } from '../../foundation/strings';
import type { PreparedPicture } from '../pictures/preparePicture';
import type { PointName, Side } from '@open-palm/core/measure';
import { confirmStep } from './confirmStep';
import { ConfirmGuide } from './finder/ConfirmGuide';
import { FinderBar } from './finder/FinderBar';
import type { Finder } from './finder/useFinder';
import { Guide } from './Guide';
import type { MarksAction } from './marks';
import type { Marks } from './marksState';
import { PictureCanvas } from './PictureCanvas';
import type { MarksStore } from './useMarks';

const words = strings.measure;

/** The points of a picture, one after the other, with what they already tell. */
export function MeasureStep({
  picture,
  head,
  side,
  further,
  store,
  finder,
  problem,
  mirrored,
  numbers: told,
  reading: { label: readLabel = words.read, canRead, onRead },
  onFlip,
}: {
  picture: PreparedPicture;
  head: { title: string; under: string; onBack: () => void };
  side: Side;
  /** Points that can be marked beyond those that are asked for. */
  further: readonly PointName[];
  store: MarksStore;
  finder: Finder;
  /** Why nothing can be measured, if so. */
  problem: string | null;
  mirrored: boolean;
  numbers: ReactNode;
  /** What comes of the points: under which name, and whether they suffice. */
  reading: { label?: string; canRead: boolean; onRead: () => void };
  onFlip: () => void;
}) {
  const wide = useWide();
  const tokens = useTokens();
  const { marks, change } = store;
  const { height } = useWindowDimensions();
  useUndoKeys(change);
  const numbers = (
    <>
      <Warnings problem={problem} mirrored={mirrored} onFlip={onFlip} />
      <FinderBar finder={finder} onFlip={onFlip} />
      {told}
    </>
  );
  const step = useMemo(() => confirmStep(marks), [marks]);
  const guide = step ? (
    <ConfirmGuide
      step={step}
      chosen={marks.chosen}
      done={countDone(marks)}
      all={marks.sequence.length}
      canUndo={marks.past.length > 0}
      readLabel={readLabel}
      canRead={canRead}
      side={side}
      change={change}
      onRead={onRead}
    />
  ) : (
    <Guide
      chosen={marks.chosen}
      isSet={marks.chosen !== null && marks.placed[marks.chosen] !== undefined}
      done={countDone(marks)}
      all={marks.sequence.length}
      canUndo={marks.past.length > 0}
      canRedo={marks.future.length > 0}
      readLabel={readLabel}
      canRead={canRead}
      further={further.filter((name) => !marks.sequence.includes(name))}
      side={side}
      change={change}
      onRead={onRead}
    />
  );
  const header = <Header {...head} />;
  const canvas = <PictureCanvas url={picture.url} picture={picture} store={store} />;
  if (wide) {
    return (
      <View role="main" style={{ flex: 1, flexDirection: 'row', backgroundColor: tokens.ground }}>
        {canvas}
        <View style={{ width: 400 }}>
          {header}
          {guide}
          {numbers}
          <View style={{ padding: space(3) }}>
            <Text variant="small" second>
              {words.keys}
            </Text>
          </View>
        </View>
      </View>
    );
  }
  return (
    <View role="main" style={{ flex: 1, backgroundColor: tokens.ground }}>
      {header}
      <View
        // The picture across the whole width, but never so tall that the numbers are lost.
        style={{
          width: '100%',
          aspectRatio: picture.width / picture.height,
          maxHeight: height * TALLEST_PICTURE,
        }}
      >
        {canvas}
      </View>
      {numbers}
      {guide}
    </View>
  );
}

/** The most of a phone's height that the picture takes. */
const TALLEST_PICTURE = 0.46;

function Warnings({
  problem,
  mirrored,
  onFlip,
}: {
  problem: string | null;
  mirrored: boolean;
  onFlip: () => void;
}) {
  if (problem === null && !mirrored) return null;
  return (
    <View style={{ padding: space(2) }}>
      {problem === null ? (
        <Notice action={{ label: words.flip, onPress: onFlip }}>{words.mirrored}</Notice>
      ) : (
        <Notice tone="out">{problem}</Notice>
      )}
    </View>
  );
}

const Header = memo(function Header({
  title,
  under,
  onBack,
}: {
  title: string;
  under: string;
  onBack: () => void;
}) {
  return (
    <View style={{ paddingHorizontal: space(4), paddingVertical: space(2) }}>
      <BackHeader title={title} under={under} backLabel={strings.nav.back} onBack={onBack} />
    </View>
  );
});

const countDone = ({ sequence, placed, skipped }: Marks) =>
  sequence.filter((name) => placed[name] || skipped.includes(name)).length;

/** Ctrl+Z and Ctrl+Y (or Ctrl+Shift+Z), as everywhere. */
function useUndoKeys(change: (action: MarksAction) => void): void {
  useEffect(() => {
    const onKeyDown = (event: KeyboardEvent) => {
      if (!event.ctrlKey && !event.metaKey) return;
      const key = event.key.toLowerCase();
      if (key !== 'z' && key !== 'y') return;
      event.preventDefault();
      change({ type: key === 'y' || event.shiftKey ? 'redo' : 'undo' });
    };
    window.addEventListener('keydown', onKeyDown);
    return () => window.removeEventListener('keydown', onKeyDown);
  }, [change]);
}
