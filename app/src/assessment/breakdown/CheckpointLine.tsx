import { useState } from 'react';
import { Pressable, View } from 'react-native';
import type { MergedMeasure } from '@open-palm/core/measure';
import { StateMark, verdictMark, type MarkState } from '../../foundation/kit/StateMark';
import { Text } from '../../foundation/kit/Text';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { space } from '../../foundation/kit/tokens';
import { strings } from '../../foundation/strings';
import { otherVerdictWords, valueWords, verdictWords } from '../../foundation/strings/measureWords';
import { useVerdictOverrides } from '../verdictOverride/verdictOverride';
import { MeasureRow } from './MeasureRow';
import { ValueScale } from './ValueScale';

/** Narrower than this a name cannot be read: the scale goes below it. */
const LEAST_PX = 100;

/** A checkpoint in a line: how it stands, its name and value, and the value on what is wanted. A tap opens where it comes from. */
export function CheckpointLine({ merged }: { merged: MergedMeasure }) {
  const tokens = useTokens();
  const [isOpen, setOpen] = useState(false);
  const { measure, place } = merged;
  // What the teacher saw stands above what was computed.
  const eye = useVerdictOverrides()?.seen(merged) ?? null;
  const mark: MarkState = eye
    ? eye.verdict === 'in'
      ? 'in'
      : 'out'
    : verdictMark(measure.verdict);
  const name = strings.measures[measure.id];
  const called = place === null ? name : `${name}, ${strings.places[place]}`;
  const said = valueWords(measure);
  const verdict = eye
    ? strings.verdictOverride.yours(otherVerdictWords(measure.id, eye.verdict))
    : verdictWords(measure);
  return (
    <View style={{ borderTopWidth: 1, borderColor: tokens.line }}>
      <Pressable
        role="button"
        aria-expanded={isOpen}
        aria-label={`${called}: ${said}, ${verdict}`}
        onPress={() => setOpen(!isOpen)}
        style={{
          flexDirection: 'row',
          flexWrap: 'wrap',
          alignItems: 'center',
          columnGap: space(2),
          minHeight: 48,
          paddingVertical: space(1),
        }}
      >
        <StateMark state={mark} size={14} />
        <View style={{ flex: 1, minWidth: LEAST_PX }}>
          <Text variant="small">{called}</Text>
          <Text variant="small" second>
            {said}
          </Text>
          {merged.conflict ? (
            <Text variant="small" color={tokens.unsure}>
              {strings.result.conflict}
            </Text>
          ) : null}
        </View>
        <View style={{ alignItems: 'flex-end' }}>
          {measure.kind === 'number' && measure.band ? (
            <ValueScale value={measure.value} sd={measure.sd} band={measure.band} state={mark} />
          ) : null}
          {mark === 'in' && !eye ? null : (
            <Text variant="label" color={mark === 'none' ? tokens.inkSecond : tokens[mark]}>
              {verdict}
            </Text>
          )}
        </View>
      </Pressable>
      {isOpen ? <MeasureRow merged={merged} hasScale={false} /> : null}
    </View>
  );
}
