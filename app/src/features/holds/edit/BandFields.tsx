import { useState } from 'react';
import { View } from 'react-native';
import { HelperText, TextInput } from 'react-native-paper';
import { describeIssue } from '@open-palm/words/describe';
import type { Range } from '@open-palm/core/holds';
import { bandIssues, specOf, type MeasureId } from '@open-palm/core/measure';
import { space } from '../../../foundation/kit/tokens';
import { strings } from '../../../foundation/strings';
import { unitWords } from '../../../foundation/strings/measureWords';
import { numberFrom } from '../../../foundation/kit/numberFrom';

const words = strings.editHold;

/** A band's two ends as numbers; what makes no sense is refused while it is typed. An empty end is open. */
export function BandFields({
  id,
  band,
  onBand,
  onProblem,
}: {
  id: MeasureId;
  band: Range;
  /** Told only bands that can stand. */
  onBand: (band: Range) => void;
  /** Whether what stands in the fields can be kept. */
  onProblem: (isRefused: boolean) => void;
}) {
  const [typed, setTyped] = useState<{ lo: string; hi: string } | null>(null);
  const texts = typed ?? { lo: textOf(band.lo), hi: textOf(band.hi) };
  const problem = typed && problemOf(id, typed);
  const change = (end: 'lo' | 'hi', text: string) => {
    const next = { ...texts, [end]: text };
    const refused = problemOf(id, next);
    setTyped(next);
    onProblem(refused !== null);
    if (refused === null) onBand(bandOf(next));
  };
  const sign = unitWords(specOf(id).unit);
  return (
    <View>
      <View style={{ flexDirection: 'row', gap: space(3) }}>
        {(['lo', 'hi'] as const).map((end) => (
          <TextInput
            key={end}
            mode="outlined"
            label={words.ends[end](sign)}
            accessibilityLabel={words.ends[end](sign)}
            value={texts[end]}
            onChangeText={(text) => change(end, text)}
            // Once it is left and stands, the field shows the band again, so that a drag shows in it.
            onBlur={() => (problem === null ? setTyped(null) : undefined)}
            error={problem !== null}
            inputMode="decimal"
            style={{ flex: 1 }}
          />
        ))}
      </View>
      <HelperText type={problem === null ? 'info' : 'error'} visible padding="none">
        {problem ?? words.openEnd}
      </HelperText>
    </View>
  );
}

const textOf = (end: number | undefined) => (end === undefined ? '' : String(end));

function bandOf({ lo, hi }: { lo: string; hi: string }): Range {
  const [low, high] = [numberFrom(lo), numberFrom(hi)];
  return {
    ...(low === null ? {} : { lo: low }),
    ...(high === null ? {} : { hi: high }),
  };
}

/** Why what stands in the fields is no band, in words; null when it is one. */
function problemOf(id: MeasureId, texts: { lo: string; hi: string }): string | null {
  const band = bandOf(texts);
  if (Object.values(band).some(Number.isNaN)) return words.notANumber;
  if (Object.keys(band).length === 0) return words.bothOpen;
  const [issue] = bandIssues(id, band, strings.measures[id]);
  return issue ? describeIssue(issue) : null;
}
