import { View } from 'react-native';
import type { BowKind } from '@open-palm/core/holds';
import { Card } from '../../foundation/kit/Card';
import { Text } from '../../foundation/kit/Text';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { RADIUS, space } from '../../foundation/kit/tokens';
import { strings } from '../../foundation/strings';
import { listWords } from '../../foundation/strings/listWords';
import { rowWords } from '../../foundation/strings/row';
import { CountBar } from './CountBar';
import { faultTitle } from './faultWords';
import type { SharedFault } from './shared';

const words = rowWords.group;

/** One thing that a room shares: how many, with its doubt; the sentence for everyone, and what is done together. */
export function SharedCard({ shared: { count, cues, drill } }: { shared: SharedFault }) {
  const tokens = useTokens();
  const { fault, players, seen, least, most, likely, room } = count;
  return (
    <Card style={{ gap: space(2) }}>
      <Text variant="heading" level={3}>
        {faultTitle(fault)}
      </Text>
      <CountBar {...{ least, most, likely, room }} />
      <Text variant="small" second>
        {`${words.counted(players.length, seen)}. ${words.likely(least, most, room)}`}
      </Text>
      {cues.map(({ cue, bows }) => (
        <View
          key={cue}
          style={{
            gap: space(1),
            padding: space(3),
            borderRadius: RADIUS - 4,
            backgroundColor: tokens.amberGround,
          }}
        >
          <Text variant="label" color={tokens.amberInk}>
            {cues.length === 1 ? words.say : words.sayTo(listWords(bows.map(bowName)))}
          </Text>
          <Text variant="figure">{strings.cues[cue] ?? cue}</Text>
        </View>
      ))}
      {drill === null ? null : (
        <View style={{ gap: space(1) }}>
          <Text variant="label" second>
            {words.drill}
          </Text>
          <Text>{strings.drills[drill] ?? drill}</Text>
          <Text variant="small" second>
            {words.drillRest}
          </Text>
        </View>
      )}
    </Card>
  );
}

const bowName = (bow: BowKind): string => words.bows[bow];
