import { useState } from 'react';
import { View } from 'react-native';
import { post } from '../../foundation/api/access';
import { useAccess } from '../../foundation/api/accessState';
import { paths } from '../../foundation/api/paths';
import { refreshGroups } from '../../foundation/api/refresh';
import { Button } from '../../foundation/kit/Button';
import { Card } from '../../foundation/kit/Card';
import { Notice } from '../../foundation/kit/Notice';
import { Text } from '../../foundation/kit/Text';
import { space } from '../../foundation/kit/tokens';
import { dayWords } from '../../foundation/strings/dateWords';
import { rowWords } from '../../foundation/strings/row';
import { z } from 'zod';

const words = rowWords.groups;
const doneSchema = z.object({ id: z.string() });

/** Groups that were taken away: a week long they can be brought back. */
export function RemovedGroups({
  removed,
}: {
  removed: readonly { id: string; name: string; goneAt: string }[];
}) {
  const isOwner = useAccess()?.me?.role !== 'teacher';
  const [failed, setFailed] = useState<string | null>(null);
  if (removed.length === 0) return null;
  const ask = async (id: string, what: 'back' | 'erase') => {
    setFailed(null);
    try {
      await post(doneSchema, paths.groupTo(id, what), {});
      await refreshGroups();
    } catch (error) {
      setFailed(error instanceof Error ? error.message : String(error));
    }
  };
  return (
    <View style={{ gap: space(2) }}>
      <Text variant="heading">{words.removed}</Text>
      {failed === null ? null : <Notice tone="out">{failed}</Notice>}
      {removed.map(({ id, name, goneAt }) => (
        <Card key={id} style={{ gap: space(2) }}>
          <Text variant="strong">{name}</Text>
          <Text variant="small" second>
            {words.goneOn(dayWords(goneAt))}
          </Text>
          <View style={{ flexDirection: 'row', gap: space(2) }}>
            <Button
              label={words.bringBack}
              compact
              onPress={() => void ask(id, 'back')}
              style={{ flex: 1 }}
            />
            {isOwner ? (
              <Button
                label={words.eraseNow}
                compact
                onPress={() => void ask(id, 'erase')}
                style={{ flex: 1 }}
              />
            ) : null}
          </View>
        </Card>
      ))}
    </View>
  );
}
