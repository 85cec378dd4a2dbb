import { useState } from 'react';
import { View } from 'react-native';
import type { LogEntryOf, Student } from '@open-palm/contract';
import { openEntries } from '@open-palm/records/log';
import type { LessonLog } from '../../foundation/api/lessonLog';
import { Button } from '../../foundation/kit/Button';
import { Card } from '../../foundation/kit/Card';
import { Text } from '../../foundation/kit/Text';
import { space } from '../../foundation/kit/tokens';
import { strings } from '../../foundation/strings';
import { AidForm } from './AidForm';
import { AidLine } from './AidLine';
import { MarksMap, type MarkedHand } from './MarksMap';
import { PromiseForm } from './PromiseForm';
import { PromiseLine } from './PromiseLine';

const words = strings.agreements;

/** What was agreed with a student, shown until it is ticked off, and aids with the way of doing without them. */
export function AgreementsCard({
  student,
  marked,
  log,
  now,
}: {
  student: Student;
  /** On which hand finger marks are shown. */
  marked: MarkedHand;
  log: LessonLog;
  now: Date;
}) {
  const [adding, setAdding] = useState<'promise' | 'aid' | null>(null);
  const [ended, setEnded] = useState<{
    promise: LogEntryOf<'promise'>;
    state: 'kept' | 'dropped';
  } | null>(null);
  const map = <MarksMap {...marked} side={student.side} skinTone={student.skinTone} />;
  const open = openEntries(log.entries);
  const promises = open
    .filter((entry) => entry.kind === 'promise')
    .sort((a, b) => (a.due < b.due ? -1 : 1));
  const aids = open.filter((entry) => entry.kind === 'aid');
  const end = (promise: LogEntryOf<'promise'>, state: 'kept' | 'dropped') => {
    setEnded({ promise, state });
    void log.add({ kind: 'promiseState', of: promise.id, state });
  };
  return (
    <Card style={{ gap: space(2) }}>
      <Text variant="strong" level={2}>
        {words.title}
      </Text>
      {promises.length + aids.length === 0 && !ended ? (
        <Text variant="small" second>
          {words.none}
        </Text>
      ) : null}
      {promises.map((promise) => (
        <PromiseLine key={promise.id} promise={promise} now={now} onEnd={end} />
      ))}
      {ended ? (
        <View style={{ flexDirection: 'row', alignItems: 'center', gap: space(2) }}>
          <Text variant="small" second style={{ flex: 1 }}>
            {words[ended.state](ended.promise.words)}
          </Text>
          <Button
            label={words.undo}
            compact
            onPress={() => {
              setEnded(null);
              void log.add({ kind: 'promiseState', of: ended.promise.id, state: 'open' });
            }}
          />
        </View>
      ) : null}
      {aids.map((aid) => (
        <AidLine key={aid.id} aid={aid} map={map} log={log} now={now} />
      ))}
      {adding === 'promise' ? (
        <PromiseForm
          lesson={student.lesson}
          now={now}
          onKeep={(promise) => {
            setAdding(null);
            void log.add({ kind: 'promise', ...promise });
          }}
          onLeave={() => setAdding(null)}
        />
      ) : adding === 'aid' ? (
        <AidForm
          map={map}
          now={now}
          onKeep={(aid) => {
            setAdding(null);
            void log.add({ kind: 'aid', ...aid });
          }}
          onLeave={() => setAdding(null)}
        />
      ) : (
        <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: space(2) }}>
          <Button
            label={words.add}
            icon="handshake-outline"
            compact
            onPress={() => setAdding('promise')}
            style={{ flexGrow: 1 }}
          />
          <Button
            label={words.addAid}
            icon="plus"
            compact
            onPress={() => setAdding('aid')}
            style={{ flexGrow: 1 }}
          />
        </View>
      )}
    </Card>
  );
}
