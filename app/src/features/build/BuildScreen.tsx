import { router } from 'expo-router';
import { useState } from 'react';
import type { HandFile } from '@open-palm/contract';
import { gripFacts, gripOf } from '@open-palm/records/grip';
import { useLessonLog } from '../../foundation/api/lessonLog';
import { useHandFile } from '../../foundation/api/queries';
import { findHold } from '@open-palm/records/holds';
import { holdName } from '../../foundation/strings/holdWords';
import { BackHeader } from '../../foundation/kit/BackHeader';
import { Button } from '../../foundation/kit/Button';
import { Choice, Choices } from '../../foundation/kit/Choice';
import { Loaded } from '../../foundation/kit/Loaded';
import { Notice } from '../../foundation/kit/Notice';
import { Screen } from '../../foundation/kit/Screen';
import { Text } from '../../foundation/kit/Text';
import { strings } from '../../foundation/strings';
import { BuildSteps } from './BuildSteps';
import { LabelledBow } from './LabelledBow';

const words = strings.build;

/** How often the hold is built in a row: once, or five times over. [practice] */
const ROUNDS = [1, 3, 5] as const;

/** Building the hold step by step, in one of the orders that the school knows. */
export function BuildScreen({ studentId, setupId }: { studentId: string; setupId?: string }) {
  const handFile = useHandFile(studentId, setupId);
  return <Loaded from={handFile}>{(data) => <Build key={data.setupId} handFile={data} />}</Loaded>;
}

function Build({ handFile }: { handFile: HandFile }) {
  const { student, setupId, ownHolds } = handFile;
  const setup = student.setups.find(({ id }) => id === setupId)!;
  const taught = findHold(setup.holdId, ownHolds);
  const { hold } = gripFacts(gripOf(student, setup, taught, null), taught, null);
  const log = useLessonLog(handFile);
  const last = log.entries.find((entry) => entry.kind === 'built');
  const lastOrder = last?.kind === 'built' ? last.order : null;
  const usual = hold.building.find(({ id }) => id === lastOrder) ?? hold.building[0]!;
  const [chosen, setChosen] = useState<string | null>(null);
  const [rounds, setRounds] = useState<number>(1);
  const [isPencil, setPencil] = useState(false);
  const [page, setPage] = useState<'choose' | 'parts' | 'steps'>('choose');
  const order = hold.building.find(({ id }) => id === chosen) ?? usual;
  const back = `/students/${student.id}?setup=${setupId}` as const;

  if (page === 'steps') {
    return (
      <BuildSteps
        hold={hold}
        order={order}
        isPencil={isPencil}
        rounds={rounds}
        student={student}
        onBuilt={(done, seconds) =>
          void log.add({ kind: 'built', order: order.id, rounds: done, seconds })
        }
        onBack={() => setPage('choose')}
        onLeave={() => router.dismissTo(back)}
      />
    );
  }
  if (page === 'parts') {
    return (
      <Screen>
        <BackHeader
          title={words.parts}
          backLabel={strings.nav.back}
          onBack={() => setPage('choose')}
        />
        <LabelledBow />
      </Screen>
    );
  }
  return (
    <Screen
      footer={
        <>
          <Button label={words.parts} onPress={() => setPage('parts')} compact />
          <Button
            label={strings.testing.start}
            primary
            onPress={() => setPage('steps')}
            style={{ flex: 1 }}
          />
        </>
      }
    >
      <BackHeader
        title={words.title}
        under={`${student.name} · ${holdName(taught)}`}
        backLabel={strings.nav.toStudent}
        onBack={back}
      />
      <Choices question={words.order}>
        {hold.building.map(({ id }) => (
          <Choice
            key={id}
            label={strings.building[id] ?? id}
            chosen={id === order.id}
            onPress={() => setChosen(id)}
          />
        ))}
      </Choices>
      {lastOrder === null ? null : (
        <Text variant="small" second>
          {words.last(strings.building[lastOrder] ?? lastOrder)}
        </Text>
      )}
      {hold.hand === 'over' ? (
        <Choices question={words.on}>
          {(['bow', 'pencil'] as const).map((on) => (
            <Choice
              key={on}
              label={words.ons[on]}
              chosen={isPencil === (on === 'pencil')}
              onPress={() => setPencil(on === 'pencil')}
            />
          ))}
        </Choices>
      ) : null}
      <Choices question={words.rounds}>
        {ROUNDS.map((times) => (
          <Choice
            key={times}
            label={words.times(times)}
            chosen={times === rounds}
            onPress={() => setRounds(times)}
          />
        ))}
      </Choices>
      <Notice>{words.pencil}</Notice>
      <Text variant="small" second>
        {strings.cautions.pain}
      </Text>
    </Screen>
  );
}
