import { useState } from 'react';
import { View } from 'react-native';
import type { Hold } from '@open-palm/core/holds';
import { findingsOf, judgeFindings, worksOn, type RankedCause } from '@open-palm/core/judge';
import type { MergedMeasure } from '@open-palm/core/measure';
import { Button } from '../kit/Button';
import { Card } from '../kit/Card';
import { StateMark } from '../kit/StateMark';
import { Text } from '../kit/Text';
import { useTokens } from '../kit/ThemeProvider';
import { space } from '../kit/tokens';
import { strings } from '../strings';
import { listWords } from '../strings/listWords';

const words = strings.workOn;

/** What to work on first: at most two things, why, and what to say; or that there is nothing to fix. */
export function WorkOnCard({ measures, hold }: { measures: readonly MergedMeasure[]; hold: Hold }) {
  const judgement = judgeFindings(findingsOf(measures), hold);
  if (judgement.kind === 'nothingSeen') return null;
  if (judgement.kind === 'nothingToFix') {
    return (
      <Card style={{ gap: space(1) }}>
        <View style={{ flexDirection: 'row', alignItems: 'center', gap: space(2) }}>
          <StateMark state="in" size={20} />
          <Text variant="heading" style={{ flex: 1 }}>
            {words.nothing}
          </Text>
        </View>
        <Text variant="small" second>
          {words.nothingMore}
        </Text>
      </Card>
    );
  }
  const things = worksOn(judgement.ranked);
  return (
    <Card style={{ gap: space(3) }}>
      <Text variant="label" second>
        {things.length > 1 ? words.first : words.only}
      </Text>
      {things.map((one, i) => (
        <Thing key={one.cause.id} one={one} isFirst={i === 0} />
      ))}
      {judgement.tie ? (
        <Text variant="small" second>
          {words.tie}
        </Text>
      ) : null}
    </Card>
  );
}

function Thing({ one, isFirst }: { one: RankedCause; isFirst: boolean }) {
  const tokens = useTokens();
  const { cause, explains, leaves } = one;
  const [at, setAt] = useState(0);
  const signsOf = (ids: readonly string[]) => listWords(ids.map((id) => strings.signs[id] ?? id));
  return (
    <View
      style={{
        gap: space(1),
        ...(isFirst ? {} : { borderTopWidth: 1, borderColor: tokens.line, paddingTop: space(3) }),
      }}
    >
      <Text variant={isFirst ? 'heading' : 'figure'}>{strings.causes[cause.id] ?? cause.id}</Text>
      <Text variant="small">{words.because(signsOf(explains))}</Text>
      {isFirst && leaves.length > 0 ? (
        <Text variant="small" second>
          {words.leaves(signsOf(leaves))}
        </Text>
      ) : null}
      <View
        style={{
          backgroundColor: tokens.amberGround,
          borderRadius: space(2),
          padding: space(3),
          gap: space(2),
        }}
      >
        <Text variant="label" color={tokens.amberInk}>
          {words.say}
        </Text>
        <Text>{strings.cues[cause.cues[at]!] ?? cause.cues[at]!}</Text>
        {cause.cues.length > 1 ? (
          <Button
            label={words.another}
            accessibilityLabel={`${words.another}: ${strings.causes[cause.id] ?? cause.id}`}
            onPress={() => setAt((at + 1) % cause.cues.length)}
          />
        ) : null}
      </View>
      {cause.drills.length > 0 ? (
        <Text variant="small" second>
          {words.drills(cause.drills.map((id) => strings.drills[id] ?? id).join(' · '))}
        </Text>
      ) : null}
    </View>
  );
}
