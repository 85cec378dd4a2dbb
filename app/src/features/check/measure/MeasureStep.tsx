import { useEffect } from 'react';
import { useWindowDimensions, View } from 'react-native';
import { IconButton } from 'react-native-paper';
import { BackHeader } from '../../../kit/BackHeader';
import { Button } from '../../../kit/Button';
import { Notice } from '../../../kit/Notice';
import { Text } from '../../../kit/Text';
import { useTokens } from '../../../kit/ThemeProvider';
import { space } from '../../../kit/tokens';
import { useWide } from '../../../kit/useWide';
import { strings } from '../../../strings';
import type { PreparedPicture } from '../picture/preparePicture';
import { GuideFigure } from './GuideFigure';
import { LiveNumbers } from './LiveNumbers';
import { nextOpen, type Marks, type MarksAction } from './marks';
import type { MarksOutcome, PictureFacts } from './measureMarks';
import { PictureCanvas } from './PictureCanvas';
import { sequenceFor } from './sequence';
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
    <Guide marks={marks} facts={facts} change={change} outcome={outcome} onRead={onRead} />
  );
  const header = (
    <View style={{ paddingHorizontal: space(4), paddingVertical: space(2) }}>
      <BackHeader
        title={words.title}
        under={`${strings.check.stepMeasure} · ${strings.views[facts.view]}`}
        backLabel={strings.nav.back}
        onBack={onBack}
      />
    </View>
  );
  const canvas = <PictureCanvas url={picture.url} picture={facts.picture} store={store} />;
  if (wide) {
    return (
      <View role="main" style={{ flex: 1, flexDirection: 'row', backgroundColor: tokens.ground }}>
        {canvas}
        <View style={{ width: 400 }}>
          {header}
          {guide}
          {numbers}
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

/** What is asked for now, drawn and named, with what can be done about it. */
function Guide({
  marks,
  facts,
  change,
  outcome,
  onRead,
}: {
  marks: Marks;
  facts: PictureFacts;
  change: MarksStore['change'];
  outcome: MarksOutcome;
  onRead: () => void;
}) {
  const tokens = useTokens();
  const { sequence, placed, skipped, chosen } = marks;
  const done = sequence.filter((name) => placed[name] || skipped.includes(name)).length;
  const finished = nextOpen(marks) === null;
  const { further } = sequenceFor(facts.view);
  const canExtend = finished && !further.every((name) => sequence.includes(name));
  const isSet = chosen !== null && placed[chosen] !== undefined;
  return (
    <View
      style={{
        gap: space(2),
        padding: space(3),
        borderTopWidth: 1,
        borderColor: tokens.line,
        backgroundColor: tokens.card,
      }}
    >
      <View style={{ flexDirection: 'row', gap: space(3), alignItems: 'center' }}>
        {chosen === null ? null : <GuideFigure point={chosen} side={facts.side} size={76} />}
        <View style={{ flex: 1 }} aria-live="polite">
          <Text variant="label" second>
            {`${isSet ? words.selected : words.next} · ${words.progress(done, sequence.length)}`}
          </Text>
          {chosen === null ? null : (
            <Text variant="figure" style={{ minHeight: 48 }}>
              {strings.points[chosen]}
            </Text>
          )}
          {finished ? <Text variant="small">{words.done}</Text> : null}
        </View>
      </View>
      <View style={{ flexDirection: 'row', gap: space(2), alignItems: 'center' }}>
        <IconButton
          icon="undo"
          accessibilityLabel={words.undo}
          disabled={marks.past.length === 0}
          onPress={() => change({ type: 'undo' })}
          style={{ width: 48, height: 48, margin: 0 }}
        />
        <IconButton
          icon="redo"
          accessibilityLabel={words.redo}
          disabled={marks.future.length === 0}
          onPress={() => change({ type: 'redo' })}
          style={{ width: 48, height: 48, margin: 0 }}
        />
        {canExtend ? (
          <Button
            label={words.more}
            onPress={() => change({ type: 'extend', sequence: further })}
            style={{ flex: 1 }}
          />
        ) : (
          <Button
            label={words.cannotSee}
            disabled={chosen === null || (finished && !isSet)}
            onPress={() => chosen && change({ type: 'skip', name: chosen })}
            style={{ flex: 1 }}
          />
        )}
      </View>
      <Button
        label={words.read}
        primary
        disabled={outcome.measures.length === 0}
        onPress={onRead}
      />
    </View>
  );
}

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
