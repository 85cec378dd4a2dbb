import { format } from 'date-fns/format';
import { useState } from 'react';
import { View } from 'react-native';
import { z } from 'zod';
import { RESTARTS } from '@open-palm/contract/restarts';
import { dateOfDay } from '@open-palm/records/time';
import type { LessonLog } from '../../../foundation/api/lessonLog';
import { Button } from '../../../foundation/kit/Button';
import { Card } from '../../../foundation/kit/Card';
import { Choice, Choices } from '../../../foundation/kit/Choice';
import { Text } from '../../../foundation/kit/Text';
import { useTokens } from '../../../foundation/kit/ThemeProvider';
import { space } from '../../../foundation/kit/tokens';
import { WordField } from '../../../foundation/kit/WordField';
import { dateWords } from '../../../foundation/strings/dateWords';
import { progressWords } from '../../../foundation/strings/progress';
import type { Followed } from '../followed';

const words = progressWords.planned;

type Why = (typeof RESTARTS)[number];

/** Changes of school, bow or size, each a new beginning; and the way to note one. */
export function PlannedChanges({
  followed: { restarts },
  log,
  now,
}: {
  followed: Followed;
  log: LessonLog;
  now: Date;
}) {
  const [adding, setAdding] = useState(false);
  const written = log.entries.filter((entry) => entry.kind === 'planned');
  return (
    <Card style={{ gap: space(2) }}>
      <Text variant="strong" level={2}>
        {words.title}
      </Text>
      <Text variant="small" second>
        {words.help}
      </Text>
      {[...restarts].reverse().map(({ day, why }) => {
        const date = dateOfDay(day);
        const word = written.find((entry) => entry.on === date)?.word;
        return (
          <View key={`${day} ${why}`}>
            <Text>{words.line(progressWords.restartWords[why], dateWords(date, now))}</Text>
            {word ? (
              <Text variant="small" second>
                {word}
              </Text>
            ) : null}
          </View>
        );
      })}
      {adding ? (
        <NewChange
          now={now}
          onKeep={(change) => {
            setAdding(false);
            void log.add({ kind: 'planned', ...change });
          }}
          onLeave={() => setAdding(false)}
        />
      ) : (
        <Button label={words.add} icon="flag-outline" onPress={() => setAdding(true)} />
      )}
    </Card>
  );
}

function NewChange({
  now,
  onKeep,
  onLeave,
}: {
  now: Date;
  onKeep: (change: { why: Why; on: string; word: string | null }) => void;
  onLeave: () => void;
}) {
  const tokens = useTokens();
  const [why, setWhy] = useState<Why | null>(null);
  const [date, setDate] = useState(() => format(now, 'yyyy-MM-dd'));
  const [word, setWord] = useState('');
  const on = z.iso.date().safeParse(date.trim()).data ?? null;
  return (
    <View style={{ gap: space(2) }}>
      <Choices question={words.question}>
        {RESTARTS.map((one) => (
          <Choice
            key={one}
            label={progressWords.restartWords[one]}
            chosen={one === why}
            onPress={() => setWhy(one)}
          />
        ))}
      </Choices>
      <WordField label={words.on} value={date} onChange={setDate} />
      {on === null ? (
        <Text variant="small" color={tokens.out}>
          {words.dateWrong}
        </Text>
      ) : null}
      <WordField label={words.word} value={word} onChange={setWord} lines={2} />
      <View style={{ flexDirection: 'row', gap: space(2) }}>
        <Button label={words.cancel} onPress={onLeave} compact />
        <Button
          label={words.keep}
          disabled={why === null || on === null}
          onPress={() =>
            why !== null && on !== null && onKeep({ why, on, word: word.trim() || null })
          }
          style={{ flex: 1 }}
        />
      </View>
    </View>
  );
}
