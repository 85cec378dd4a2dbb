import { useState } from 'react';
import { View } from 'react-native';
import type { MergedMeasure } from '@open-palm/core/measure';
import { Button } from '../../foundation/kit/Button';
import { Choice, Choices } from '../../foundation/kit/Choice';
import { space } from '../../foundation/kit/tokens';
import { WordField } from '../../foundation/kit/WordField';
import { strings } from '../../foundation/strings';
import { otherVerdictWords } from '../../foundation/strings/measureWords';
import type { VerdictOverrides } from './verdictOverride';

const words = strings.verdictOverride;

/** The ways in which a verdict can be seen otherwise. */
export function VerdictOverride({
  merged,
  eye,
  onDone,
}: {
  merged: MergedMeasure;
  eye: VerdictOverrides;
  onDone: () => void;
}) {
  const [why, setWhy] = useState('');
  const seen = eye.seen(merged);
  const { measure } = merged;
  // A category is fine or it is not; only a number can be too low or too high.
  const verdicts =
    measure.kind === 'category' ? (['in'] as const) : (['in', 'low', 'high'] as const);
  return (
    <View style={{ gap: space(2), paddingVertical: space(2) }}>
      <Choices question={words.verdictQuestion}>
        {verdicts.map((verdict) => (
          <Choice
            key={verdict}
            label={otherVerdictWords(measure.id, verdict)}
            chosen={seen?.verdict === verdict}
            onPress={() => eye.see(merged, verdict, null)}
          />
        ))}
      </Choices>
      {seen ? (
        <>
          <WordField label={words.why} value={why} onChange={setWhy} />
          <Button
            label={words.keep}
            onPress={() => {
              if (why.trim() !== '') eye.see(merged, seen.verdict, why.trim());
              onDone();
            }}
          />
        </>
      ) : null}
    </View>
  );
}
