import { useState } from 'react';
import { View } from 'react-native';
import { sync } from '../../foundation/api/sync';
import { keyOf, type Entry } from '../../foundation/api/sync/entry';
import { Button } from '../../foundation/kit/Button';
import { Notice } from '../../foundation/kit/Notice';
import { pickFile } from '../../foundation/kit/pickFile';
import { saveFile } from '../../foundation/kit/saveFile';
import { Text } from '../../foundation/kit/Text';
import { space } from '../../foundation/kit/tokens';
import { waitingWords as words } from '../../foundation/strings/waiting';
import { readWaitingFile, waitingFile } from './waitingFile';

/** What waits as a file, for when the studio's address has changed; and such a file taken over. */
export function TakeAlong({ entries }: { entries: readonly Entry[] }) {
  const [told, setTold] = useState<{ tone: 'in' | 'out'; text: string } | null>(null);
  const take = async () => {
    const file = await pickFile('.json,application/json');
    if (!file) return;
    const read = readWaitingFile(await file.text());
    if (!read) return setTold({ tone: 'out', text: words.along.none });
    const here = new Set(entries.map(keyOf));
    const fresh = read.filter((entry) => !here.has(keyOf(entry)));
    for (const entry of fresh) await sync.restore(entry);
    setTold({ tone: 'in', text: words.along.taken(fresh.length) });
    await sync.hurry().catch(() => undefined);
  };
  return (
    <View style={{ gap: space(2) }}>
      <Text variant="small" second>
        {words.along.help}
      </Text>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: space(2) }}>
        {entries.length > 0 ? (
          <Button
            label={words.along.save}
            icon="download"
            compact
            onPress={() =>
              void waitingFile(entries).then((blob) => saveFile(blob, 'open-palm-waiting.json'))
            }
          />
        ) : null}
        <Button
          label={words.along.take}
          icon="file-import-outline"
          compact
          onPress={() => void take()}
        />
      </View>
      {told ? <Notice tone={told.tone}>{told.text}</Notice> : null}
    </View>
  );
}
