import { useState } from 'react';
import { View } from 'react-native';
import { valueAt } from '@open-palm/records/merge';
import { sync } from '../../foundation/api/sync';
import type { Entry } from '../../foundation/api/sync/entry';
import { Button } from '../../foundation/kit/Button';
import { Card } from '../../foundation/kit/Card';
import { Choice, Choices } from '../../foundation/kit/Choice';
import { Text } from '../../foundation/kit/Text';
import { space } from '../../foundation/kit/tokens';
import { waitingWords as words } from '../../foundation/strings/waiting';
import { fieldWords, titleOf, valueWords } from './entryWords';
import { chosenBody, type Side } from './chosenBody';

/** Something that was changed here and elsewhere: both are shown, field by field, and one is chosen. */
export function ConflictCard({ entry }: { entry: Entry }) {
  const { fields, theirs } = entry.conflict!;
  const [chosen, setChosen] = useState<Readonly<Record<number, Side>>>({});
  const [busy, setBusy] = useState(false);
  const isChosen = fields.every((_, i) => chosen[i] !== undefined);
  const keep = async () => {
    setBusy(true);
    const sides = fields.map((_, i) => chosen[i]!);
    await sync.resolve(entry, chosenBody(entry, sides)).finally(() => setBusy(false));
  };
  return (
    <Card style={{ gap: space(3) }}>
      <View>
        <Text variant="strong" level={2}>
          {titleOf(entry)}
        </Text>
        <Text variant="small" second>
          {words.conflictHelp}
        </Text>
      </View>
      {fields.map((path, i) => (
        <Choices key={path.join()} question={fieldWords(path)}>
          {(['mine', 'theirs'] as const).map((side) => {
            const value = valueWords(valueAt(side === 'mine' ? entry.body : theirs, path));
            return (
              <Choice
                key={side}
                label={`${words[side]}: ${value}`}
                chosen={chosen[i] === side}
                onPress={() => setChosen({ ...chosen, [i]: side })}
              />
            );
          })}
        </Choices>
      ))}
      <Button
        label={words.keep}
        icon="check"
        primary
        busy={busy}
        disabled={!isChosen}
        onPress={() => void keep()}
      />
    </Card>
  );
}
