import { useState } from 'react';
import { View } from 'react-native';
import type { LogEntryOf } from '@open-palm/contract';
import type { LessonLog } from '../../foundation/api/lessonLog';
import { Button } from '../../foundation/kit/Button';
import { StateMark } from '../../foundation/kit/StateMark';
import { Text } from '../../foundation/kit/Text';
import { space } from '../../foundation/kit/tokens';
import { WordField } from '../../foundation/kit/WordField';
import { strings } from '../../foundation/strings';
import { OneEffect, type Effect } from './OneEffect';

const words = strings.cueTry;

/** After a cue was tried: what it did to sound and ease, if one likes to say. */
export function CueEffect({ of, log }: { of: LogEntryOf<'cue'>; log: LessonLog }) {
  const noted = log.entries.some((entry) => entry.kind === 'cueWord' && entry.of === of.id);
  const [isOpen, setOpen] = useState(false);
  const [sound, setSound] = useState<Effect>(null);
  const [ease, setEase] = useState<Effect>(null);
  const [word, setWord] = useState('');
  const keep = () => {
    setOpen(false);
    const text = word.trim();
    if (sound === null && ease === null && text === '') return;
    void log.add({ kind: 'cueWord', of: of.id, sound, ease, word: text === '' ? null : text });
  };
  return (
    <View style={{ gap: space(2) }}>
      {of.outcome === 'worked' ? (
        <View style={{ flexDirection: 'row', gap: space(2), alignItems: 'center' }}>
          <StateMark state="in" size={16} />
          <Text variant="strong" style={{ flex: 1 }}>
            {words.itWorked}
          </Text>
        </View>
      ) : null}
      {noted ? (
        <Text variant="small" second>
          {words.noted}
        </Text>
      ) : isOpen ? (
        <>
          <OneEffect name={words.sound} value={sound} onChoose={setSound} />
          <OneEffect name={words.ease} value={ease} onChoose={setEase} />
          <WordField label={words.word} value={word} onChange={setWord} />
          <Button label={words.keep} onPress={keep} />
        </>
      ) : (
        <Button
          label={of.outcome === 'worked' ? words.effect : words.effectBefore}
          onPress={() => setOpen(true)}
          quiet={of.outcome !== 'worked'}
          compact
        />
      )}
    </View>
  );
}
