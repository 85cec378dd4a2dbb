import { useState } from 'react';
import { View } from 'react-native';
import type { DatedMeasure, HandFile } from '@open-palm/contract';
import type { MergedMeasure } from '@open-palm/core/measure';
import { changeBetween, defaultSem } from '@open-palm/core/track/realChange';
import { Button } from '../../foundation/kit/Button';
import { Card } from '../../foundation/kit/Card';
import { StateMark, verdictMark } from '../../foundation/kit/StateMark';
import { Text } from '../../foundation/kit/Text';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { space } from '../../foundation/kit/tokens';
import { strings } from '../../foundation/strings';
import { measureName, valueWords, verdictWords } from '../../foundation/strings/measureWords';

const words = strings.handFile;

/** Judged measures that were taken twice: now and before, side by side. */
export function LatestAgainstPrevious({ lastSeen }: { lastSeen: HandFile['lastSeen'] }) {
  const [showsSame, setShowsSame] = useState(false);
  const twice = lastSeen.filter(
    ({ latest, previous }) => previous !== null && latest.merged.measure.verdict !== 'none',
  );
  const changed = twice.filter(hasChanged);
  const same = twice.length - changed.length;
  return (
    <Card style={{ gap: space(2) }}>
      <Text variant="strong" level={2} style={{ fontSize: 18 }}>
        {words.change}
      </Text>
      {twice.length === 0 ? (
        <Text variant="small" second>
          {words.noChange}
        </Text>
      ) : null}
      {twice.length > 0 && changed.length === 0 ? (
        <Text variant="small" second>
          {words.nothingChanged}
        </Text>
      ) : null}
      {(showsSame ? twice : changed).map(({ latest, previous }) => (
        <View key={`${latest.merged.measure.id} ${latest.merged.place}`} style={{ gap: space(1) }}>
          <Text variant="small">{changeLine(latest, previous!)}</Text>
          <View style={{ flexDirection: 'row', gap: space(3) }}>
            <Side title={words.before} measure={previous!.merged.measure} quiet />
            <Side title={words.now} measure={latest.merged.measure} />
          </View>
        </View>
      ))}
      {same > 0 ? (
        <Button
          label={showsSame ? words.hideSame : words.showSame(same)}
          icon={showsSame ? 'chevron-up' : 'chevron-down'}
          compact
          quiet
          onPress={() => setShowsSame(!showsSame)}
        />
      ) : null}
    </Card>
  );
}

/** By how much two values of a measure differ beyond what forming the hold afresh makes; null for what is no number. */
function isReal(latest: DatedMeasure, previous: DatedMeasure): boolean | null {
  const [now, before] = [latest.merged.measure, previous.merged.measure];
  const sem = now.kind === 'number' && before.kind === 'number' ? defaultSem(now.unit) : null;
  if (sem === null || now.kind !== 'number' || before.kind !== 'number') return null;
  return changeBetween(before.value, now.value, sem).code === 'realChange';
}

/** What is worth a line at once: a real change, another category, another verdict. */
const hasChanged = ({ latest, previous }: HandFile['lastSeen'][number]): boolean =>
  previous !== null &&
  (isReal(latest, previous) ??
    (valueWords(latest.merged.measure) !== valueWords(previous.merged.measure) ||
      latest.merged.measure.verdict !== previous.merged.measure.verdict));

function changeLine(latest: DatedMeasure, previous: DatedMeasure): string {
  const real = isReal(latest, previous);
  const name = nameOf(latest.merged);
  return real === null ? name : `${name}: ${real ? words.realChange : words.noRealChange}`;
}

/** With the place, where a measure is told for each place apart. */
const nameOf = ({ measure: { id }, place }: MergedMeasure) =>
  place === null ? measureName(id) : `${measureName(id)}, ${strings.places[place]}`;

function Side({
  title,
  measure,
  quiet = false,
}: {
  title: string;
  measure: MergedMeasure['measure'];
  quiet?: boolean;
}) {
  const tokens = useTokens();
  return (
    <View
      style={{
        flex: 1,
        padding: space(2),
        borderRadius: space(2),
        backgroundColor: quiet ? 'transparent' : tokens.ground,
        borderWidth: 1,
        borderColor: tokens.line,
      }}
    >
      <Text variant="label" second>
        {title}
      </Text>
      <Text variant="figure">{valueWords(measure)}</Text>
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: space(1) }}>
        <StateMark state={verdictMark(measure.verdict)} size={14} />
        <Text variant="small">{verdictWords(measure)}</Text>
      </View>
    </View>
  );
}
