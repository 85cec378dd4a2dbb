import { router } from 'expo-router';
import { useMemo, useState, type ReactNode } from 'react';
import { type HandFile } from '@open-palm/contract';
import { frogLengthOf, gripFacts, gripOf } from '@open-palm/records/grip';
import type { PointName, View } from '@open-palm/core/measure';
import { studioNow } from '../../foundation/api/clock';
import type { LessonLog } from '../../foundation/api/lessonLog';
import { paths } from '../../foundation/api/paths';
import type { VisionClient } from '../../foundation/workers/vision/visionClient';
import { findHold } from '@open-palm/records/holds';
import type { CheckDraft, ShotDraft, Step } from './draft/checkDraft';
import { newShot } from './draft/newDraft';
import { checkBody } from './look/checkBody';
import type { ChosenPicture } from '../../drawing/pictures/preparePicture';
import {
  allReady,
  answer,
  isBegun,
  isLookedAt,
  lookOf,
  markSigns,
  putShot,
  removeShot,
  setReady,
  type LookState,
  type Shot,
} from './look/lookState';
import { lookWay, rememberLookWay } from './look/lookWay';
import { useLastBowReady } from './lastBow/useLastBow';
import { useKeep } from './look/useKeep';
import { useLessonStart } from './look/useLessonStart';
import { usePictureMaker } from './look/usePictureMaker';
import { changeMarks } from '../../drawing/annotate/marks';
import { noMarks, type Marks } from '../../drawing/annotate/marksState';
import { sequenceFor } from '../../drawing/annotate/sequence';
import { ReadyStep } from './ready/ReadyStep';
import { ResultStep } from './ResultStep';
import { SetupStep } from './SetupStep';
import { ShotStep } from './ShotStep';
import { StationSheet } from './stations/StationSheet';
import { TapLookHead } from './stations/TapLookHead';
import { TakePicture } from './taking/TakePicture';
import { TestsStep } from './tests/TestsStep';
import { lastPictureOf } from './camera/lastPicture';

const keyOf = ({ picture, view }: Pick<ShotDraft, 'picture' | 'view'>) => `${picture?.id} ${view}`;

/** The step that a look is at. */
export function CheckSteps({
  handFile,
  draft,
  vision,
  log,
  onChange,
  onMarks,
  onKept,
}: {
  handFile: HandFile;
  draft: CheckDraft;
  vision: VisionClient;
  log: LessonLog;
  onChange: (more: Partial<CheckDraft> | ((now: CheckDraft) => Partial<CheckDraft>)) => void;
  onMarks: (marks: Pick<ShotDraft, 'marks' | 'marksOf'>) => void;
  onKept: () => Promise<void>;
}): ReactNode {
  const { student, setupId, ownHolds, relaxedHand, history } = handFile;
  const { state, shot, step } = draft;
  const setup = student.setups.find(({ id }) => id === setupId)!;
  const taught = findHold(setup.holdId, ownHolds);
  const { problem, take, flip } = usePictureMaker();
  const [flipping, setFlipping] = useState(false);
  const { saving, failure, keep } = useKeep();
  const grip = useMemo(
    () => gripOf(student, setup, taught, relaxedHand),
    [student, setup, taught, relaxedHand],
  );
  const { hold, hand } = useMemo(
    () => gripFacts(grip, taught, relaxedHand),
    [grip, taught, relaxedHand],
  );
  const frogLength = useMemo(() => frogLengthOf(setup, hold.bow), [setup, hold.bow]);
  useLastBowReady(shot.view, history);
  const { context, shots, taps } = state;
  const look = useMemo(
    () => lookOf({ context, shots, taps }, student.side, frogLength),
    [context, shots, taps, student.side, frogLength],
  );
  const start = useLessonStart(handFile, hold, hand, studioNow());
  const hasAny = isBegun(state);
  const hides = draft.watching && !draft.isDone;

  const goTo = (next: Step) => onChange({ step: next });
  const setState = (make: (now: LookState) => LookState) =>
    onChange((now) => ({ state: make(now.state) }));
  const setShot = (more: Partial<ShotDraft>) =>
    onChange((now) => ({ shot: { ...now.shot, ...more } }));
  /** Turns the picture over, and the marks that are kept with it; false when it could not be done. */
  const flipShot = async (): Promise<boolean> => {
    if (!shot.picture) return false;
    setFlipping(true);
    const picture = await flip(shot.picture);
    setFlipping(false);
    if (!picture) return false;
    onChange((now) => ({
      shot: {
        ...now.shot,
        picture,
        marks:
          now.shot.marks && changeMarks(now.shot.marks, { type: 'mirror', width: picture.width }),
      },
    }));
    return true;
  };

  switch (step) {
    case 'ready':
      return (
        <ReadyStep
          student={student}
          readiness={state.readiness}
          onSet={(ready) => setState((now) => setReady(now, ready))}
          onAll={() => onChange((now) => ({ state: allReady(now.state), step: 'setup' }))}
          onBack={() => goTo('setup')}
        />
      );
    case 'camera': {
      const ghost = lastPictureOf(history, shot.view);
      return (
        <TakePicture
          view={shot.view}
          hand={{ hold, side: student.side, skinTone: student.skinTone }}
          ghostUrl={ghost === null ? null : paths.picture(ghost)}
          problem={problem}
          onBack={() => goTo('setup')}
          onPicture={(file) =>
            void take(file).then((picture) => {
              if (!picture) return;
              forgetUnused(shot.picture, shots);
              onChange((now) => ({ shot: { ...now.shot, picture }, step: 'setup' }));
            })
          }
        />
      );
    }
    case 'tests':
      return (
        <TestsStep
          handFile={handFile}
          hold={hold}
          checkId={draft.checkId}
          log={log}
          canCompare={start !== null}
          onCompare={() =>
            onChange((now) => ({
              state: { ...now.state, context: 'playing-end' },
              step: 'stations',
              station: 0,
            }))
          }
          onSign={(sign, present) => setState((now) => markSigns(now, { [sign]: present }))}
          onBack={() => goTo('stations')}
        />
      );
    case 'stations':
      return (
        <StationSheet
          facts={{
            hold,
            bowSize: grip.bowSize,
            side: student.side,
            skinTone: student.skinTone,
            level: student.level,
            context,
          }}
          taps={taps}
          seen={state.signs}
          watching={hides}
          at={draft.station}
          head={
            <TapLookHead
              context={context}
              onContext={(chosen) => setState((now) => ({ ...now, context: chosen }))}
              onSetup={() => goTo('setup')}
            />
          }
          onAt={(station) => onChange({ station })}
          onAnswer={(measure, tap) => setState((now) => answer(now, measure, tap))}
          onMark={(signs) => setState((now) => markSigns(now, signs))}
          onTests={() => goTo('tests')}
          onBack={() => {
            if (hasAny) goTo('result');
            else if (lookWay() === 'camera') goTo('setup');
            // It began here: there is no step before it.
            else router.dismissTo(`/students/${student.id}`);
          }}
          onDone={() => goTo('result')}
        />
      );
    case 'measure': {
      const { id, view, place, picture } = shot;
      if (!picture) break;
      const key = keyOf(shot);
      const marks = shot.marksOf === key ? shot.marks : null;
      return (
        <ShotStep
          key={key}
          shot={{ id, view, place, picture, marks }}
          facts={{ view, side: student.side, context: place ?? context, frogLength, hold, hand }}
          vision={vision}
          shots={shots}
          history={history}
          hides={hides}
          onMarks={(latest) => onMarks({ marks: latest, marksOf: key })}
          onFlip={flipShot}
          onBack={(latest) =>
            onChange((now) => ({
              shot: { ...now.shot, marks: latest, marksOf: key },
              step: 'setup',
            }))
          }
          onRead={(latest) =>
            onChange((now) => ({
              state: putShot(now.state, { id, view, place, picture, marks: latest }),
              shot: { ...now.shot, marks: latest, marksOf: key },
              step: 'result',
            }))
          }
        />
      );
    }
    case 'result':
      if (!hasAny) break;
      return (
        <ResultStep
          student={student}
          {...{ hold, bowSize: grip.bowSize }}
          hand={hand}
          look={look}
          state={state}
          checkId={draft.checkId}
          log={log}
          start={context === 'playing-end' ? start : null}
          hides={hides}
          watches={draft.watching}
          saving={saving}
          failure={failure}
          onFinish={() => onChange({ isDone: true })}
          onMove={(one) => onChange({ shot: { ...one, marksOf: keyOf(one) }, step: 'measure' })}
          onRemove={(id) => setState((now) => removeShot(now, id))}
          onPicture={() =>
            onChange({ shot: newShot(nextView(taught.views as View[], state)), step: 'setup' })
          }
          onTaps={() => onChange({ step: 'stations', station: 0 })}
          onWhich={(saw, not) => setState((now) => markSigns(now, { [saw]: true, [not]: false }))}
          onAnswer={(sign, seen) => setState((now) => markSigns(now, { [sign]: seen }))}
          onSave={(told) =>
            keep(
              {
                kind: 'check',
                id: draft.checkId,
                studentName: student.name,
                pictures: shots.map(({ picture: { id, blob } }) => ({ id, blob })),
                body: checkBody(handFile, grip, state, look, studioNow(), told),
              },
              `/students/${student.id}?setup=${setup.id}`,
              onKept,
            )
          }
        />
      );
    case 'setup':
  }
  return (
    <SetupStep
      student={student}
      setup={setup}
      hold={taught}
      frogLength={frogLength}
      context={context}
      isFirst={!isLookedAt(state)}
      draft={shot}
      busy={flipping}
      watching={draft.watching}
      readiness={state.readiness}
      onWatching={(watching) => onChange({ watching, isDone: false })}
      onReady={() => goTo('ready')}
      onSetup={(id) => router.setParams({ setup: id })}
      onContext={(chosen) => setState((now) => ({ ...now, context: chosen }))}
      onDraft={setShot}
      onTake={() => {
        rememberLookWay('camera');
        goTo('camera');
      }}
      onFlip={() => void flipShot()}
      onPoints={({ view, place, points }) => {
        const next = { ...shot, view, place: place ?? null };
        const marks = Object.entries(points).reduce<Marks>(
          (now, [name, at]) =>
            changeMarks(now, { type: 'set', name: name as PointName, at: { x: at.x, y: at.y } }),
          noMarks(sequenceFor(view, hold).needed),
        );
        onChange({ shot: { ...next, marks, marksOf: keyOf(next) }, step: 'measure' });
      }}
      onTaps={() => {
        if (!isLookedAt(state)) rememberLookWay('tap');
        onChange({ step: 'stations', station: 0 });
      }}
      onNext={() => goTo('measure')}
      onBack={isLookedAt(state) ? () => goTo('result') : null}
    />
  );
}

/** Gives back the memory of a picture that another one replaces, unless the look has it already. */
function forgetUnused(picture: ChosenPicture | null, shots: readonly Shot[]): void {
  if (picture && !shots.some((shot) => shot.picture.id === picture.id)) {
    URL.revokeObjectURL(picture.url);
  }
}

/** The first view of the hold from which there is no picture yet. */
const nextView = (views: readonly View[], { shots }: LookState): View =>
  views.find((view) => !shots.some((shot) => shot.view === view)) ?? views[0]!;
