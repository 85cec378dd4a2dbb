import { useCallback, useMemo, useState } from 'react';
import { useFocusEffect } from 'expo-router';
import { View } from 'react-native';
import { v7 as uuidv7 } from 'uuid';
import type { HandFile, KeptTake, Take } from '@open-palm/contract';
import { gripFacts, gripOf } from '@open-palm/records/grip';
import { studioNow } from '../../foundation/api/clock';
import { useHandFile, useTakes } from '../../foundation/api/queries';
import { sync } from '../../foundation/api/sync';
import { findHold } from '@open-palm/records/holds';
import { holdName } from '../../foundation/strings/holdWords';
import { BackHeader } from '../../foundation/kit/BackHeader';
import { Button } from '../../foundation/kit/Button';
import { Choice, Choices } from '../../foundation/kit/Choice';
import { Loaded } from '../../foundation/kit/Loaded';
import { Notice } from '../../foundation/kit/Notice';
import { Screen } from '../../foundation/kit/Screen';
import { Text } from '../../foundation/kit/Text';
import { space } from '../../foundation/kit/tokens';
import { useWide } from '../../foundation/kit/useWide';
import { SKINS } from '@open-palm/core/portrait/skins';
import { strings } from '../../foundation/strings';
import { strokeWords } from '../../foundation/strings/stroke';
import { agoWords } from '../../foundation/strings/dateWords';
import { AddTake } from './AddTake';
import type { MadeTake, ShownClip } from './frames/MarkFrames';
import { CrossingsCard } from './crossings/CrossingsCard';
import { openCsv, type OpenedFile } from './openCsv';
import { StillsCard } from './StillsCard';
import { TakeView } from './TakeView';

const words = strokeWords;

/** The wrist over a stroke: takes from files, and the three stills of the looks. */
export function StrokeScreen({ studentId, setupId }: { studentId: string; setupId?: string }) {
  const handFile = useHandFile(studentId, setupId);
  return (
    <Loaded from={handFile}>
      {(data) => <Stroke key={`${data.student.id} ${data.setupId}`} handFile={data} />}
    </Loaded>
  );
}

function Stroke({ handFile }: { handFile: HandFile }) {
  const takes = useTakes(handFile.setupId);
  return <Loaded from={takes}>{(data) => <Takes handFile={handFile} takes={data.takes} />}</Loaded>;
}

function Takes({ handFile, takes }: { handFile: HandFile; takes: readonly KeptTake[] }) {
  const { student, setupId, ownHolds } = handFile;
  const setup = student.setups.find(({ id }) => id === setupId)!;
  const taught = findHold(setup.holdId, ownHolds);
  const { hold } = useMemo(
    () => gripFacts(gripOf(student, setup, taught, null), taught, null),
    [student, setup, taught],
  );
  const [chosen, setChosen] = useState<string | null>(null);
  const [fresh, setFresh] = useState<Take | null>(null);
  // Stays in the background while its take is shown: the clip belongs to it.
  const [adding, setAdding] = useState<{ turn: number; open: boolean } | null>(null);
  const [clip, setClip] = useState<{ takeId: string; shows: ShownClip } | null>(null);
  const [problem, setProblem] = useState<Extract<OpenedFile, { problem: string }> | null>(null);
  const shown = fresh ?? takes.find(({ id }) => id === chosen) ?? takes[0] ?? null;
  const wide = useWide();
  const now = studioNow();

  const begin = (source: Take['source'], { series, clip: shows }: MadeTake) => {
    const take: Take = {
      id: uuidv7(),
      studentId: student.id,
      setupId,
      takenAt: studioNow().toISOString(),
      context: 'playing-start',
      source,
      series,
      cuts: null,
      fingersSeen: null,
    };
    setProblem(null);
    setFresh(take);
    setAdding(shows ? (now) => now && { ...now, open: false } : null);
    setClip(shows ? { takeId: take.id, shows } : null);
  };
  const open = async () => {
    const opened = await openCsv(student);
    if (!opened) return;
    if ('problem' in opened) return setProblem(opened);
    begin('csv', opened);
  };
  const leave = () => {
    setProblem(null);
    setAdding(null);
    setClip(null);
  };
  const forget = () => {
    setFresh(null);
    // What was marked is still there: the take can be made again with more frames.
    setAdding((now) => now && { ...now, open: true });
  };
  useFocusEffect(useCallback(() => leave, []));
  const keep = async (take: Take) => {
    const { id, version: basedOn = 0, ...body } = take as Take & Partial<KeptTake>;
    await sync.write({ kind: 'take', id, studentName: student.name, body, basedOn });
    void sync.send();
  };
  const change = (take: Take) => {
    if (take.id === fresh?.id) setFresh(take);
    else void keep(take);
  };

  const header = (
    <BackHeader
      title={words.title}
      under={`${student.name} · ${holdName(taught)}`}
      backLabel={strings.nav.toStudent}
      onBack={`/students/${student.id}?setup=${setupId}`}
    />
  );
  const isAdding = adding?.open === true;
  return (
    <Screen
      columns
      {...(isAdding
        ? {}
        : {
            footer: fresh ? (
              <>
                <Button label={clip ? words.moreMarks : words.forget} onPress={forget} />
                <Button
                  label={words.keep}
                  icon="check"
                  primary
                  onPress={() =>
                    void keep(fresh).then(() => {
                      setChosen(fresh.id);
                      setFresh(null);
                    })
                  }
                  style={{ flex: 1 }}
                />
              </>
            ) : (
              <Button
                label={words.add}
                icon="plus"
                primary
                onPress={() => {
                  setClip(null);
                  setAdding((now) => ({ turn: (now?.turn ?? 0) + 1, open: true }));
                }}
                style={{ flex: 1 }}
              />
            ),
          })}
    >
      {header}
      {problem ? (
        <Notice tone="out" title={words.unreadable(problem.name)}>
          {problem.problem}
        </Notice>
      ) : null}
      {adding ? (
        <View style={isAdding ? undefined : { display: 'none' }}>
          <AddTake
            key={adding.turn}
            side={student.side}
            mayFilm={student.photos === 'allowed'}
            onCsv={() => void open()}
            onTake={begin}
            onLeave={leave}
          />
        </View>
      ) : null}
      {isAdding ? null : (
        <>
          {fresh ? (
            <Choices question={words.when}>
              {(['playing-start', 'playing-end'] as const).map((context) => (
                <Choice
                  key={context}
                  label={context === 'playing-start' ? words.starts : words.ends}
                  chosen={fresh.context === context}
                  onPress={() => setFresh({ ...fresh, context })}
                />
              ))}
            </Choices>
          ) : null}
          {!fresh && takes.length > 1 ? (
            <Choices question={words.takes}>
              {takes.map((take) => (
                <Choice
                  key={take.id}
                  label={nameOf(take, now)}
                  chosen={take.id === shown?.id}
                  onPress={() => setChosen(take.id)}
                />
              ))}
            </Choices>
          ) : null}
          {shown ? (
            <TakeView
              key={shown.id}
              take={shown}
              others={takes.filter(({ id }) => id !== shown.id)}
              hold={hold}
              skin={SKINS[student.skinTone]}
              mirrored={student.side === 'left'}
              clip={clip?.takeId === shown.id ? clip.shows : null}
              nameOf={(take) => nameOf(take, now)}
              isKept={(takes.find(({ id }) => id === shown.id)?.version ?? 0) > 0}
              onChange={change}
            />
          ) : (
            <Text>{words.empty}</Text>
          )}
          <View
            style={{
              flexDirection: wide ? 'row' : 'column',
              alignItems: wide ? 'flex-start' : 'stretch',
              gap: space(wide ? 4 : 3),
            }}
          >
            <CrossingsCard handFile={handFile} />
            <StillsCard handFile={handFile} skin={SKINS[student.skinTone]} />
          </View>
          <Notice>{strings.cautions.pain}</Notice>
        </>
      )}
    </Screen>
  );
}

const nameOf = ({ takenAt, context }: Take, now: Date): string =>
  words.takeOf(agoWords(takenAt, now), strings.contexts[context]);
