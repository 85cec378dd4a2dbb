import { useState } from 'react';
import { View } from 'react-native';
import type { BinItem } from '@open-palm/contract';
import { removedParts } from '../../../assessment/removal/removedParts';
import { Button } from '../../../foundation/kit/Button';
import { Card } from '../../../foundation/kit/Card';
import { Notice } from '../../../foundation/kit/Notice';
import { Text } from '../../../foundation/kit/Text';
import { space } from '../../../foundation/kit/tokens';
import { binWords as words } from '../../../foundation/strings/bin';
import { dayWords } from '../../../foundation/strings/dateWords';

/** Something that was removed. */
export function BinRow({
  item: { kind, studentName, takenAt, holds, goneAt },
  onBack,
  onErase,
}: {
  item: BinItem;
  onBack: () => void;
  /** Null for whoever may not. */
  onErase: (() => void) | null;
}) {
  const [isAsking, setAsking] = useState(false);
  const what = words.item[kind](studentName, takenAt === null ? '' : dayWords(takenAt));
  const parts = removedParts(kind, holds);
  return (
    <Card style={{ gap: space(2) }}>
      <View>
        <Text variant="strong">{what}</Text>
        {parts === '' ? null : <Text variant="small">{parts}</Text>}
        <Text variant="small" second>
          {words.until(dayWords(goneAt))}
        </Text>
      </View>
      {isAsking && onErase ? (
        <Notice
          tone="out"
          title={words.eraseAsks(what)}
          action={{ label: words.eraseNo, onPress: () => setAsking(false) }}
          further={{ label: words.eraseYes, onPress: onErase }}
        >
          {kind === 'student' ? words.eraseStudent : words.eraseOther}
        </Notice>
      ) : (
        <View style={{ flexDirection: 'row', gap: space(2) }}>
          <Button
            label={words.back}
            accessibilityLabel={words.backOf(what)}
            icon="restore"
            compact
            onPress={onBack}
            style={{ flex: 1 }}
          />
          {onErase ? (
            <Button
              label={words.erase}
              accessibilityLabel={words.eraseOf(what)}
              icon="delete-forever-outline"
              compact
              onPress={() => setAsking(true)}
              style={{ flex: 1 }}
            />
          ) : null}
        </View>
      )}
    </Card>
  );
}
