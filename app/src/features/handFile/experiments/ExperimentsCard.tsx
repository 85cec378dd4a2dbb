import { useState } from 'react';
import { View } from 'react-native';
import type { LogEntryOf, Student } from '@open-palm/contract';
import { openPainFlags } from '@open-palm/records/log';
import { ageBandOf } from '@open-palm/core/judge';
import type { LessonLog } from '../../../foundation/api/lessonLog';
import { Button } from '../../../foundation/kit/Button';
import { Card } from '../../../foundation/kit/Card';
import { Choice, Choices } from '../../../foundation/kit/Choice';
import { Text } from '../../../foundation/kit/Text';
import { space } from '../../../foundation/kit/tokens';
import { OneEffect } from '../../../assessment/advice/OneEffect';
import { WordField } from '../../../foundation/kit/WordField';
import { strings } from '../../../foundation/strings';
import { agoWords } from '../../../foundation/strings/dateWords';

const words = strings.experiments;
const KEEPS = ['keep', 'drop'] as const;
const SHOWN = 5;

type Experiment = LogEntryOf<'experiment'>;

/**
 * An adult's own log: what was changed, what it did to sound and ease, keep it or drop it. No verdict is passed on any of it.
 * Nothing for younger students, where the year of birth is not known, or while it hurts: nobody is asked to play then.
 */
export function ExperimentsCard({
  student,
  log,
  now,
}: {
  student: Pick<Student, 'birthYear'>;
  log: LessonLog;
  now: Date;
}) {
  const [isAdding, setAdding] = useState(false);
  const [showsAll, setShowsAll] = useState(false);
  if (ageBandOf(student.birthYear, now.getFullYear()) !== 'adult') return null;
  if (openPainFlags(log.entries).length > 0) return null;
  const all = log.entries.filter((entry): entry is Experiment => entry.kind === 'experiment');
  const shown = showsAll ? all : all.slice(0, SHOWN);
  return (
    <Card style={{ gap: space(2) }}>
      <Text variant="strong" level={2}>
        {words.title}
      </Text>
      {all.length === 0 ? (
        <Text variant="small" second>
          {words.none}
        </Text>
      ) : null}
      {shown.map((one) => (
        <View key={one.id}>
          <Text>{one.words}</Text>
          <Text variant="small" second>
            {[
              agoWords(one.madeAt, now),
              ...(one.sound ? [words.soundWas(strings.cueTry.effects[one.sound])] : []),
              ...(one.ease ? [words.easeWas(strings.cueTry.effects[one.ease])] : []),
              ...(one.keep ? [words.kept[one.keep]] : []),
            ].join(' · ')}
          </Text>
        </View>
      ))}
      {all.length > shown.length ? (
        <Button label={words.all(all.length)} compact onPress={() => setShowsAll(true)} />
      ) : null}
      {isAdding ? (
        <Form
          onKeep={(experiment) => {
            setAdding(false);
            void log.add({ kind: 'experiment', ...experiment });
          }}
          onLeave={() => setAdding(false)}
        />
      ) : (
        <Button label={words.add} icon="flask-outline" onPress={() => setAdding(true)} />
      )}
    </Card>
  );
}

function Form({
  onKeep,
  onLeave,
}: {
  onKeep: (experiment: Pick<Experiment, 'words' | 'sound' | 'ease' | 'keep'>) => void;
  onLeave: () => void;
}) {
  const [changed, setChanged] = useState('');
  const [sound, setSound] = useState<Experiment['sound']>(null);
  const [ease, setEase] = useState<Experiment['ease']>(null);
  const [keep, setKeep] = useState<Experiment['keep']>(null);
  const text = changed.trim();
  return (
    <View style={{ gap: space(2) }}>
      <WordField label={words.what} value={changed} onChange={setChanged} />
      <OneEffect name={strings.cueTry.sound} value={sound} onChoose={setSound} />
      <OneEffect name={strings.cueTry.ease} value={ease} onChoose={setEase} />
      <Choices question={words.keepIt}>
        {KEEPS.map((option) => (
          <Choice
            key={option}
            label={words.keeps[option]}
            chosen={keep === option}
            onPress={() => setKeep(keep === option ? null : option)}
          />
        ))}
      </Choices>
      <View style={{ flexDirection: 'row', gap: space(2) }}>
        <Button label={words.leave} onPress={onLeave} style={{ flex: 1 }} />
        <Button
          label={words.note}
          primary
          disabled={text === ''}
          onPress={() => onKeep({ words: text, sound, ease, keep })}
          style={{ flex: 1 }}
        />
      </View>
    </View>
  );
}
