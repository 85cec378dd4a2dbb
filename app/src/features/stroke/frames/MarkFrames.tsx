import { useMemo, useReducer, useState } from 'react';
import { View } from 'react-native';
import {
  pathSeries,
  placesAlong,
  stillsSeries,
  wristSeries,
  type StrokeCut,
  type StrokeSeries,
  type WristFrame,
} from '@open-palm/core/stroke';
import type { Side } from '@open-palm/core/measure';
import { Button } from '../../../foundation/kit/Button';
import { Columns } from '../../../foundation/kit/Columns';
import { Text } from '../../../foundation/kit/Text';
import { space } from '../../../foundation/kit/tokens';
import { strokeWords } from '../../../foundation/strings/stroke';
import type { ClipReader } from '../clip/ClipReader';
import { FrameCanvas } from './FrameCanvas';
import { FrameStrip } from './FrameStrip';
import { HeelQuestion } from './HeelQuestion';
import {
  markSdPx,
  nextMark,
  pathFrame,
  wristFrame,
  type MarkableFrame,
  type MarkKind,
} from './markableFrame';
import { beginMarking, nextMarking, progressOf, type Marking } from './marking';

const words = strokeWords.frames;

/** Room for two lines and the count: the picture must not move under a finger between two touches. */
const GUIDE_HEIGHT = 72;

/** A take made from marked frames, with the clip that shows it while the screen is open. */
export interface MadeTake {
  series: StrokeSeries;
  clip?: ShownClip;
}

/** A clip with its marked frames, to be scrubbed through. */
export interface ShownClip {
  reader: ClipReader;
  mirrored: boolean;
  frames: readonly MarkableFrame[];
}

/** Frames one after the other: two touches each, any of them corrected or left out, until the curve is read. */
export function MarkFrames({
  kind,
  side,
  frames,
  strokes,
  clip,
  onTake,
  onLeave,
}: {
  kind: MarkKind;
  side: Side;
  frames: readonly MarkableFrame[];
  /** The strokes of a clip; null for stills at heel, middle and point. */
  strokes: readonly StrokeCut[] | null;
  clip?: Omit<ShownClip, 'frames'>;
  onTake: (take: MadeTake) => void;
  onLeave: () => void;
}) {
  const [marking, change] = useReducer(nextMarking, null, () =>
    beginMarking(kind, frames, strokes ?? []),
  );
  const [heelS, setHeelS] = useState<number | null>(null);
  const ends = useMemo(
    () => (kind === 'wrist' && strokes ? endsOf(frames) : null),
    [kind, strokes, frames],
  );
  if (ends && heelS === null) {
    return <HeelQuestion ends={ends} onHeel={setHeelS} onLeave={onLeave} />;
  }
  const frame = marking.frames[marking.at]!;
  const asked = nextMark(frame, kind);
  const { marked, asked: all } = progressOf(marking);
  const series = strokes ? seriesOf(marking, heelS, side) : seriesOfStills(marking, side);
  const still = strokes ? null : words.stills[STILL_PLACES[marking.at]!];
  return (
    <Columns
      picture={
        <>
          <View role="status" aria-label={words.guide} style={{ minHeight: GUIDE_HEIGHT }}>
            <Text variant="strong">
              {still ? `${still} ` : ''}
              {asked ? words.touch[asked] : words.allSet}
            </Text>
            <Text variant="small" second>
              {words.progress(marked, all)}
            </Text>
          </View>
          <FrameCanvas
            key={marking.at}
            frame={frame}
            kind={kind}
            onPut={(name, to) => change({ type: 'put', name, to })}
            onLifted={() => change({ type: 'lifted' })}
            onTakenBack={(name) => change({ type: 'takeBack', name })}
          />
        </>
      }
    >
      <View style={{ flexDirection: 'row', gap: space(2) }}>
        <Button
          label={words.back}
          icon="undo"
          compact
          onPress={() => change({ type: 'back' })}
          style={{ flex: 1 }}
        />
        <Button
          label={frame.dropped ? words.takeBack : words.drop}
          icon={frame.dropped ? 'image-outline' : 'image-off-outline'}
          compact
          onPress={() => change({ type: 'drop', dropped: !frame.dropped })}
          style={{ flex: 1 }}
        />
      </View>
      <FrameStrip
        frames={marking.frames}
        kind={kind}
        at={marking.at}
        onShow={(at) => change({ type: 'show', at })}
      />
      <Text variant="small" second>
        {series ? words.enough : strokes ? words.notEnough : words.notEnoughStills}
      </Text>
      <View style={{ flexDirection: 'row', gap: space(2) }}>
        <Button label={words.leave} onPress={onLeave} />
        <Button
          label={words.read}
          icon="chart-line"
          primary
          disabled={series === null}
          onPress={() =>
            series &&
            onTake({ series, ...(clip ? { clip: { ...clip, frames: marking.frames } } : {}) })
          }
          style={{ flex: 1 }}
        />
      </View>
    </Columns>
  );
}

function seriesOf(
  { kind, frames }: Marking,
  heelS: number | null,
  side: Side,
): StrokeSeries | null {
  const sd = markSdPx(frames[0]!);
  return kind === 'wrist'
    ? wristSeries(frames.map(wristFrame), { heelS, side, markSdPx: sd })
    : pathSeries(frames.map(pathFrame), sd);
}

const STILL_PLACES = ['heel', 'middle', 'point'] as const;

function seriesOfStills({ kind, frames }: Marking, side: Side): StrokeSeries | null {
  const sd = markSdPx(frames[0]!);
  if (kind === 'path') return pathSeries(frames.map(pathFrame), sd);
  const [heel, middle, point] = frames.map(wristFrame) as [WristFrame, WristFrame, WristFrame];
  return stillsSeries({ heel, middle, point }, { side, markSdPx: sd });
}

/** The frames in which the hand is furthest to either end of its way; null where it hardly moves. */
function endsOf(frames: readonly MarkableFrame[]): readonly [MarkableFrame, MarkableFrame] | null {
  const places = placesAlong(frames.map(wristFrame), null);
  const known = places.flatMap((place, i) =>
    place === null ? [] : [{ place, frame: frames[i]! }],
  );
  if (known.length === 0) return null;
  const furthest = (better: (a: number, b: number) => boolean) =>
    known.reduce((best, one) => (better(one.place, best.place) ? one : best)).frame;
  return [furthest((a, b) => a < b), furthest((a, b) => a > b)];
}
