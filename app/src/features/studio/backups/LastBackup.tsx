import { View } from 'react-native';
import type { BackupState, SinceBackup } from '@open-palm/contract';
import { studioNow } from '../../../foundation/api/clock';
import { Card } from '../../../foundation/kit/Card';
import { StateMark } from '../../../foundation/kit/StateMark';
import { Text } from '../../../foundation/kit/Text';
import { space } from '../../../foundation/kit/tokens';
import { backupsWords as words } from '../../../foundation/strings/backups';
import { agoWords, momentWords } from '../../../foundation/strings/dateWords';

/** The last backup, and what would be lost with this computer all the same. */
export function LastBackup({ state: { backups, since } }: { state: BackupState }) {
  const [last] = backups;
  if (!last || !since) {
    return (
      <Card style={{ gap: space(1) }}>
        <Line mark="out" text={words.none} />
        <Text variant="small">{words.noneHelp}</Text>
      </Card>
    );
  }
  const lost = partsOf(since);
  return (
    <Card style={{ gap: space(2) }}>
      <Line
        mark={lost.length === 0 ? 'in' : 'unsure'}
        text={words.last(agoWords(last.madeAt, studioNow()))}
      />
      <Text variant="small" second>
        {words.whole(momentWords(last.madeAt))}
      </Text>
      <Text>{lost.length === 0 ? words.nothingSince : words.since(lost.join(', '))}</Text>
    </Card>
  );
}

/** What there is of each kind, in words. */
export const partsOf = (counts: Partial<SinceBackup>): string[] =>
  (['looks', 'notes', 'edits', 'pictures'] as const).flatMap((kind) => {
    const count = counts[kind] ?? 0;
    return count > 0 ? [words[kind](count)] : [];
  });

function Line({ mark, text }: { mark: 'in' | 'unsure' | 'out'; text: string }) {
  return (
    <View style={{ flexDirection: 'row', gap: space(2), alignItems: 'center' }}>
      <StateMark state={mark} />
      <Text variant="heading" style={{ flex: 1 }}>
        {text}
      </Text>
    </View>
  );
}
