import { useState } from 'react';
import { View } from 'react-native';
import { IconButton } from 'react-native-paper';
import type { MergedMeasure, View as PictureView } from '@open-palm/core/measure';
import { StateMark, verdictMark } from '../../foundation/kit/StateMark';
import { Text } from '../../foundation/kit/Text';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { space } from '../../foundation/kit/tokens';
import { strings } from '../../foundation/strings';
import { listWords } from '../../foundation/strings/listWords';
import {
  bandWords,
  measureNote,
  otherVerdictWords,
  valueWords,
  verdictWords,
} from '../../foundation/strings/measureWords';
import { useVerdictOverrides } from '../verdictOverride/verdictOverride';
import { VerdictOverride } from '../verdictOverride/VerdictOverride';
import { TurnFigure } from './TurnFigure';
import { SCALE_WIDTH, ValueScale } from './ValueScale';

/** A measure: its name and value, the value on what was wanted, the verdict in shape and word, and where it comes from. */
export function MeasureRow({
  merged,
  views = [],
  hasScale = true,
}: {
  merged: MergedMeasure;
  views?: readonly PictureView[];
  /** False where its scale stands above already. */
  hasScale?: boolean;
}) {
  const tokens = useTokens();
  const { measure, place, sources, conflict } = merged;
  const band = bandWords(measure);
  const note = measureNote(merged);
  const mark = verdictMark(measure.verdict);
  const name = strings.measures[measure.id];
  const eye = useVerdictOverrides();
  const [isOpen, setOpen] = useState(false);
  const seen = eye?.seen(merged) ?? null;
  const canDiffer = eye !== null && (measure.kind !== 'category' || measure.verdict !== 'in');
  const scale =
    hasScale && measure.kind === 'number' && measure.band
      ? { value: measure.value, sd: measure.sd, band: measure.band }
      : null;
  const wanted =
    measure.kind === 'looked'
      ? ''
      : band === null
        ? strings.result.noBand
        : strings.result.wanted(band);
  const turn = measure.kind === 'number' && !conflict ? measure.retake : null;
  return (
    <View style={{ borderTopWidth: 1, borderColor: tokens.line, paddingTop: space(2) }}>
      <View style={{ flexDirection: 'row', alignItems: 'baseline', gap: space(2) }}>
        <Text variant="small" style={{ flex: 1, minWidth: '38%' }}>
          {place === null ? name : `${name}, ${strings.places[place]}`}
        </Text>
        {/* A place on a finger is a sentence. */}
        <Text
          variant={measure.unit === 'u' ? 'strong' : 'figure'}
          style={{ flexShrink: 1, textAlign: 'right' }}
        >
          {valueWords(measure)}
        </Text>
      </View>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: space(2) }}>
        <StateMark state={mark} size={14} />
        <Text variant="label" color={mark === 'none' ? tokens.inkSecond : tokens[mark]}>
          {verdictWords(measure)}
        </Text>
        {scale ? (
          <View style={{ flex: 1, minWidth: SCALE_WIDTH, alignItems: 'flex-end' }}>
            <ValueScale {...scale} state={mark} />
          </View>
        ) : (
          <Text variant="small" second style={{ flex: 1, textAlign: 'right' }}>
            {wanted}
          </Text>
        )}
        {canDiffer ? (
          <IconButton
            icon="eye-outline"
            accessibilityLabel={strings.verdictOverride.verdict(name)}
            onPress={() => setOpen(!isOpen)}
            size={20}
            style={{ margin: -space(2), marginLeft: 0, width: 48, height: 48 }}
          />
        ) : null}
      </View>
      {scale ? (
        <Text variant="small" second>
          {wanted}
        </Text>
      ) : null}
      {seen === null ? null : (
        <View style={{ flexDirection: 'row', alignItems: 'center', gap: space(2) }}>
          <StateMark state={seen.verdict === 'in' ? 'in' : 'out'} size={14} />
          <Text variant="label" style={{ flex: 1 }}>
            {[
              strings.verdictOverride.yours(otherVerdictWords(measure.id, seen.verdict)),
              ...(seen.word === null ? [] : [strings.verdictOverride.because(seen.word)]),
            ].join(' ')}
          </Text>
        </View>
      )}
      {isOpen && eye ? (
        <VerdictOverride merged={merged} eye={eye} onDone={() => setOpen(false)} />
      ) : null}
      {note === null ? null : (
        <View style={{ flexDirection: 'row', alignItems: 'center', gap: space(2) }}>
          {turn ? <TurnFigure turn={turn} /> : null}
          <Text variant="small" second style={{ flex: 1 }}>
            {note}
          </Text>
        </View>
      )}
      {sources.length < 2 && !sources[0]?.fitted
        ? null
        : sources.map((source, i) => {
            const from = sourceWords(source, views);
            const isFitted = sources.some(({ fitted }) => fitted);
            return (
              <Text key={i} variant="small" second>
                {isFitted && i === 0 ? strings.result.counts(from) : from}
              </Text>
            );
          })}
    </View>
  );
}

/** Where a value comes from: a picture, a hand fitted to several, or a person's look. */
function sourceWords(
  { capture, fitted, measure }: MergedMeasure['sources'][number],
  views: readonly PictureView[],
): string {
  const view = (i: number) => strings.views[views[i] ?? 'finger-side'];
  const value = valueWords(measure);
  // Without the look's own pictures at hand, how many there were is enough.
  if (fitted) return strings.result.sourceFitted(listWords(fitted.map(view)), value);
  return capture === null
    ? strings.result.sourceTap(value)
    : strings.result.sourcePicture(view(capture), value);
}
