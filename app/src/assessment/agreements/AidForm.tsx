import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import type { LogEntryOf } from '@open-palm/contract';
import { aidById, AIDS } from '@open-palm/core/practice';
import { Button } from '../../foundation/kit/Button';
import { Choice, Choices } from '../../foundation/kit/Choice';
import { Text } from '../../foundation/kit/Text';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { space } from '../../foundation/kit/tokens';
import { WordField } from '../../foundation/kit/WordField';
import { strings } from '../../foundation/strings';
import { dateOf, daysFrom, dueDate } from './dueDates';

const words = strings.agreements;

/** The aid whose dots are shown on a drawn hand. */
export const FINGER_MARKS = 'finger-marks';

/** Which aid starts today, and by when the hand is to be without it. */
export function AidForm({
  map,
  now,
  onKeep,
  onLeave,
}: {
  /** Where the dots of finger marks go. */
  map: ReactNode;
  now: Date;
  onKeep: (aid: Pick<LogEntryOf<'aid'>, 'aid' | 'from' | 'off'>) => void;
  onLeave: () => void;
}) {
  const tokens = useTokens();
  const [id, setId] = useState<string | null>(null);
  const [written, setWritten] = useState<string | null>(null);
  const usual = id === null ? '' : daysFrom(now, aidById(id).days);
  const from = dateOf(now);
  const date = dueDate('other', written ?? usual, null, now);
  const off = date !== null && date > from ? date : null;
  return (
    <View style={{ gap: space(2) }}>
      <Choices question={words.whichAid}>
        {AIDS.map((aid) => (
          <Choice
            key={aid.id}
            label={strings.aids[aid.id] ?? aid.id}
            chosen={aid.id === id}
            onPress={() => setId(aid.id)}
          />
        ))}
      </Choices>
      {id === null ? null : (
        <>
          {strings.aidHints[id] === undefined ? null : (
            <Text variant="small">{strings.aidHints[id]}</Text>
          )}
          {id === FINGER_MARKS ? map : null}
          <WordField label={words.offBy} value={written ?? usual} onChange={setWritten} />
          <Text variant="small" {...(off === null ? { color: tokens.out } : { second: true })}>
            {off === null ? words.dateWrong : words.aidStays}
          </Text>
        </>
      )}
      <View style={{ flexDirection: 'row', gap: space(2) }}>
        <Button label={words.cancel} onPress={onLeave} compact />
        <Button
          label={words.keep}
          disabled={id === null || off === null}
          onPress={() => id !== null && off !== null && onKeep({ aid: id, from, off })}
          style={{ flex: 1 }}
        />
      </View>
    </View>
  );
}
