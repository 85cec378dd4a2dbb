import { memo, useEffect } from 'react';
import { useWindowDimensions, View } from 'react-native';
import { BackHeader } from '../../../kit/BackHeader';
import { Notice } from '../../../kit/Notice';
import { Text } from '../../../kit/Text';
import { useTokens } from '../../../kit/ThemeProvider';
import { space } from '../../../kit/tokens';
import { useWide } from '../../../kit/useWide';
import { strings } from '../../../strings';
import type { PreparedPicture } from '../picture/preparePicture';
import type { View as PictureView } from '@open-palm/core/measure';
import { Guide } from './Guide';
import { LiveNumbers } from './LiveNumbers';
import type { Marks, MarksAction } from './marks';
import type { MarksOutcome, PictureFacts } from './measureMarks';
import { PictureCanvas } from './PictureCanvas';
import type { MarksStore } from './useMarks';

const words = strings.measure;

/** Step 2 of a look: the points, one after the other, with the numbers that they already give. */
export function MeasureStep({
  picture,
  facts,
  store,
  outcome,
  onFlip,
  onBack,
  onRead,
}: {
  picture: PreparedPicture;
  facts: PictureFacts;
  store: MarksStore;
  outcome: MarksOutcome;
  onFlip: () => void;
  onBack: () => void;
  onRead: () => void;
}) {
  const wide = useWide();
  const tokens = useTokens();
  const { marks, change } = store;
  const { height } = useWindowDimensions();
  useUndoKeys(change);
  const numbers = (
    <>
      <Warnings outcome={outcome} onFlip={onFlip} />
      <LiveNumbers measures={outcome.measures} />
    </>
  );
  const guide = (
    <Guide
      chosen={marks.chosen}
      isSet={marks.chosen !== null && marks.placed[marks.chosen] !== undefined}
      done={countDone(marks)}
      all={marks.sequence.length}
      canUndo={marks.past.length > 0}
      canRedo={marks.future.length > 0}
      canRead={outcome.measures.length > 0}
      view={facts.view}
      side={facts.side}
      change={change}
      onRead={onRead}
    />
  );
  const header = <Header view={facts.view} onBack={onBack} />;
  const canvas = <PictureCanvas url={picture.url} picture={facts.picture} store={store} />;
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
          aspectRatio: facts.picture.width / facts.picture.height,
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

function Warnings({ outcome, onFlip }: { outcome: MarksOutcome; onFlip: () => void }) {
  const [problem] = outcome.problems;
  if (problem === undefined && !outcome.mirrored) return null;
  return (
    <View style={{ padding: space(2) }}>
      {problem === undefined ? (
        <Notice action={{ label: words.flip, onPress: onFlip }}>{words.mirrored}</Notice>
      ) : (
        <Notice tone="out">{problem}</Notice>
      )}
    </View>
  );
}

const Header = memo(function Header({ view, onBack }: { view: PictureView; onBack: () => void }) {
  return (
    <View style={{ paddingHorizontal: space(4), paddingVertical: space(2) }}>
      <BackHeader
        title={words.title}
        under={`${strings.check.stepMeasure} · ${strings.views[view]}`}
        backLabel={strings.nav.back}
        onBack={onBack}
      />
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
