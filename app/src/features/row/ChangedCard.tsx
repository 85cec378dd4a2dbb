import { View } from 'react-native';
import { studioNow } from '../../foundation/api/clock';
import { Card } from '../../foundation/kit/Card';
import { Text } from '../../foundation/kit/Text';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { space } from '../../foundation/kit/tokens';
import { dateWords } from '../../foundation/strings/dateWords';
import { rowWords } from '../../foundation/strings/row';
import { faultTitle } from './faultWords';
import type { GroupChanges } from './groupChanges';
import { ShareLines } from './ShareLines';

const words = rowWords.weeks;

/** What a group has really changed; what is no more than chance is counted in one line. */
export function ChangedCard({ changes }: { changes: GroupChanges | null }) {
  const tokens = useTokens();
  const now = studioNow();
  if (!changes) {
    return (
      <Card style={{ gap: space(1) }}>
        <Text variant="heading">{words.changed}</Text>
        <Text second>{words.one}</Text>
      </Card>
    );
  }
  const real = changes.changes.filter(({ change }) => change.isReal);
  const quiet = changes.changes.length - real.length;
  return (
    <Card style={{ gap: space(2) }}>
      <Text variant="heading">{words.changed}</Text>
      <Text variant="small" second>
        {words.since(dateWords(changes.from.day, now), dateWords(changes.to.day, now))}
      </Text>
      {real.map(({ fault, before, after, change }) => (
        <View key={fault} style={{ gap: space(1) }}>
          <Text variant="strong">
            {words.change(
              faultTitle(fault),
              words.of(before.shown, before.seen),
              words.of(after.shown, after.seen),
            )}
          </Text>
          <ShareLines from={change.from} to={change.to} />
          <Text variant="small" color={change.by < 0 ? tokens.in : tokens.out}>
            {words.real}
          </Text>
        </View>
      ))}
      {quiet > 0 ? (
        <Text variant="small" second>
          {words.quiet(quiet)}
        </Text>
      ) : null}
    </Card>
  );
}
