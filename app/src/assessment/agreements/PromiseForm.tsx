import { useState } from 'react';
import { View } from 'react-native';
import type { Lesson, LogEntryOf } from '@open-palm/contract';
import { Button } from '../../foundation/kit/Button';
import { Choice, Choices } from '../../foundation/kit/Choice';
import { Text } from '../../foundation/kit/Text';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { space } from '../../foundation/kit/tokens';
import { WordField } from '../../foundation/kit/WordField';
import { strings } from '../../foundation/strings';
import { dateWords } from '../../foundation/strings/dateWords';
import { dueDate, type When } from './dueDates';

const words = strings.agreements;

/** What is agreed, and by when. */
export function PromiseForm({
  lesson,
  now,
  onKeep,
  onLeave,
}: {
  lesson: Lesson | null;
  now: Date;
  onKeep: (promise: Pick<LogEntryOf<'promise'>, 'words' | 'due'>) => void;
  onLeave: () => void;
}) {
  const tokens = useTokens();
  const [said, setSaid] = useState('');
  const [when, setWhen] = useState<When>(lesson ? 'lesson' : 'week');
  const [other, setOther] = useState('');
  const due = dueDate(when, other, lesson, now);
  const whens: When[] = lesson ? ['lesson', 'week', 'month', 'other'] : ['week', 'month', 'other'];
  return (
    <View style={{ gap: space(2) }}>
      <WordField label={words.what} value={said} onChange={setSaid} lines={2} />
      <Choices question={words.when}>
        {whens.map((one) => (
          <Choice
            key={one}
            label={words.whens[one]}
            chosen={one === when}
            onPress={() => setWhen(one)}
          />
        ))}
      </Choices>
      {when === 'other' ? <WordField label={words.date} value={other} onChange={setOther} /> : null}
      <Text variant="small" {...(due === null ? { color: tokens.out } : { second: true })}>
        {due === null ? words.dateWrong : words.by(dateWords(due, now))}
      </Text>
      <View style={{ flexDirection: 'row', gap: space(2) }}>
        <Button label={words.cancel} onPress={onLeave} compact />
        <Button
          label={words.keep}
          disabled={said.trim() === '' || due === null}
          onPress={() => due !== null && onKeep({ words: said.trim(), due })}
          style={{ flex: 1 }}
        />
      </View>
    </View>
  );
}
