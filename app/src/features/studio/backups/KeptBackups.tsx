import { View } from 'react-native';
import type { BackupState, KeptBackup } from '@open-palm/contract';
import { bytesWords } from '@open-palm/words/bytes';
import { paths } from '../../../foundation/api/paths';
import { Button } from '../../../foundation/kit/Button';
import { Card } from '../../../foundation/kit/Card';
import { saveFrom } from '../../../foundation/kit/saveFile';
import { Text } from '../../../foundation/kit/Text';
import { space } from '../../../foundation/kit/tokens';
import { useStacked } from '../../../foundation/kit/useStacked';
import { backupsWords as words } from '../../../foundation/strings/backups';
import { momentWords } from '../../../foundation/strings/dateWords';
import { partsOf } from './LastBackup';

/** The backups that are there, the newest first, each to be taken away as a file. */
export function KeptBackups({
  state: { backups, folder, isDaily },
  onPutBack,
}: {
  state: BackupState;
  /** Null while one is put back. */
  onPutBack: ((name: string) => void) | null;
}) {
  if (backups.length === 0) return null;
  return (
    <Card style={{ gap: space(3) }}>
      <Text variant="strong">{words.kept}</Text>
      {backups.map((backup) => (
        <Kept key={backup.name} backup={backup} onPutBack={onPutBack} />
      ))}
      <Text variant="small" second style={{ wordBreak: 'break-word' } as object}>
        {[words.folder(folder), ...(isDaily ? [words.daily] : [])].join(' ')}
      </Text>
    </Card>
  );
}

function Kept({
  backup: { name, kind, madeAt, bytes, holds },
  onPutBack,
}: {
  backup: KeptBackup;
  onPutBack: ((name: string) => void) | null;
}) {
  const isStacked = useStacked();
  const when = momentWords(madeAt);
  const { looks, pictures } = holds;
  return (
    <View
      style={{
        flexDirection: isStacked ? 'column' : 'row',
        flexWrap: 'wrap',
        gap: space(2),
        alignItems: isStacked ? 'stretch' : 'center',
      }}
    >
      <View style={isStacked ? {} : { flexGrow: 1, flexShrink: 1, minWidth: 160 }}>
        <Text>{`${when}, ${words.kinds[kind]}`}</Text>
        <Text variant="small" second>
          {words.holds(bytesWords(bytes), partsOf({ looks, pictures }).join(', '))}
        </Text>
      </View>
      <View style={{ flexDirection: 'row', gap: space(2) }}>
        <Button
          label={words.putBack}
          accessibilityLabel={words.putBackOf(when)}
          compact
          disabled={onPutBack === null}
          onPress={() => onPutBack?.(name)}
        />
        <Button
          label={words.save}
          accessibilityLabel={words.saveOf(when)}
          compact
          onPress={() => saveFrom(paths.backup(name), name)}
        />
      </View>
    </View>
  );
}
