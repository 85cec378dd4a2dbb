import { useState } from 'react';
import { View } from 'react-native';
import { v7 as uuidv7 } from 'uuid';
import type { Crossing, HandFile } from '@open-palm/contract';
import { crossingFindings, levelsOf, stringsOf, type ElbowLevel } from '@open-palm/core/stroke';
import { studioNow } from '../../../foundation/api/clock';
import { useCrossings } from '../../../foundation/api/queries';
import { sync } from '../../../foundation/api/sync';
import { useEntries } from '../../../foundation/api/sync/useSync';
import { Button } from '../../../foundation/kit/Button';
import { Card } from '../../../foundation/kit/Card';
import { Choice, Choices } from '../../../foundation/kit/Choice';
import { Text } from '../../../foundation/kit/Text';
import { space } from '../../../foundation/kit/tokens';
import { useWide } from '../../../foundation/kit/useWide';
import { agoWords } from '../../../foundation/strings/dateWords';
import { strokeWords } from '../../../foundation/strings/stroke';
import { crossingSentences } from './crossingWords';
import { StringPlanes } from './StringPlanes';
import { useDrill } from './useDrill';

const words = strokeWords.crossings;
const ELBOWS: readonly ElbowLevel[] = ['dropped', 'level', 'raised'];
const PACES = [2, 4, 8] as const;

/** The elbow's level on each string: a drill over all of them, a tap for each, and how it was last time. */
export function CrossingsCard({ handFile }: { handFile: HandFile }) {
  const { student, setupId } = handFile;
  const wide = useWide();
  const { instrument } = student.setups.find(({ id }) => id === setupId)!;
  const last = useLast(setupId);
  const [five, setFive] = useState<boolean | null>(null);
  const [seen, setSeen] = useState<Record<string, ElbowLevel>>({});
  const hasFive = five ?? last?.strings.length === 5;
  const names = stringsOf(instrument, hasFive);
  const drill = useDrill(names.length);
  const answered = names.map((string) => ({ string, elbow: seen[string] ?? null }));
  const isAnswered = answered.some(({ elbow }) => elbow !== null);
  const shown = isAnswered ? answered : (last?.strings ?? answered);
  const keep = async () => {
    await sync.write({
      kind: 'crossing',
      id: uuidv7(),
      studentName: student.name,
      body: {
        studentId: student.id,
        setupId,
        seenAt: studioNow().toISOString(),
        strings: answered,
      },
    });
    setSeen({});
    void sync.send();
  };
  return (
    <Card style={{ gap: space(2), ...(wide ? { flex: 1 } : {}) }}>
      <Text variant="strong" level={2}>
        {words.title}
      </Text>
      <StringPlanes
        strings={names}
        levels={levelsOf(instrument, names.length)}
        elbows={names.map((name) => shown.find(({ string }) => string === name)?.elbow ?? null)}
        played={drill.played}
        mirrored={student.side === 'left'}
      />
      <View role="status" aria-label={words.title}>
        {drill.played === null ? (
          <Told last={isAnswered ? null : last} instrument={instrument} strings={shown} />
        ) : (
          <Text variant="figure">{words.now(names[drill.played]!)}</Text>
        )}
      </View>
      {drill.played === null ? (
        <Button label={words.drill} icon="play" onPress={drill.start} />
      ) : (
        <Button label={words.stop} icon="stop" onPress={drill.stop} />
      )}
      <Choices question={words.pace}>
        {PACES.map((pace) => (
          <Choice
            key={pace}
            label={words.seconds(pace)}
            chosen={pace === drill.secondsEach}
            onPress={() => drill.setSecondsEach(pace)}
          />
        ))}
      </Choices>
      {instrument === 'bass' ? (
        <Choice
          label={words.fiveStrings}
          role="checkbox"
          chosen={hasFive}
          onPress={() => setFive(!hasFive)}
        />
      ) : null}
      {names.map((name) => (
        <Choices key={name} question={words.question(name)}>
          {ELBOWS.map((elbow) => (
            <Choice
              key={elbow}
              label={words.elbow[elbow]}
              chosen={seen[name] === elbow}
              onPress={() => setSeen((now) => ({ ...now, [name]: elbow }))}
            />
          ))}
        </Choices>
      ))}
      <Button label={words.keep} icon="check" disabled={!isAnswered} onPress={() => void keep()} />
    </Card>
  );
}

function Told({
  last,
  instrument,
  strings,
}: {
  /** What is shown is from then; null when it is from now. */
  last: Pick<Crossing, 'seenAt'> | null;
  instrument: Parameters<typeof crossingFindings>[0];
  strings: Crossing['strings'];
}) {
  if (strings.every(({ elbow }) => elbow === null)) {
    return (
      <Text variant="small" second>
        {words.help}
      </Text>
    );
  }
  return (
    <View style={{ gap: space(1) }}>
      {last ? (
        <Text variant="small" second>
          {words.last(agoWords(last.seenAt, studioNow()))}
        </Text>
      ) : null}
      {crossingSentences(crossingFindings(instrument, strings)).map((sentence) => (
        <Text key={sentence}>{sentence}</Text>
      ))}
      <Text variant="small" second>
        {words.noVerdict}
      </Text>
    </View>
  );
}

/** The newest there is: what waits on this device, else what the studio has. */
function useLast(setupId: string): Pick<Crossing, 'seenAt' | 'strings'> | null {
  const { data } = useCrossings(setupId);
  const unsent = useEntries().flatMap((one) =>
    one.kind === 'crossing' && one.body.setupId === setupId ? [one.body] : [],
  );
  return unsent.at(-1) ?? data?.crossings[0] ?? null;
}
