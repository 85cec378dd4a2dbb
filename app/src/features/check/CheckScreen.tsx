import { router } from 'expo-router';
import { useMemo, useState } from 'react';
import { v7 as uuidv7 } from 'uuid';
import { frogLengthOf, gripFacts, gripOf, type HandFile } from '@open-palm/contract';
import type { Place, PointName, View } from '@open-palm/core/measure';
import { paths } from '../../api/paths';
import { useHandFile } from '../../api/queries';
import { findHold } from '../../holdBook/holdBook';
import { Loaded } from '../../kit/Loaded';
import {
  answer,
  EMPTY_LOOK,
  lookOf,
  putShot,
  removeShot,
  type ChosenPicture,
  type LookState,
  type Shot,
} from './look/lookState';
import { useKeep } from './look/useKeep';
import { usePictureMaker } from './look/usePictureMaker';
import { changeMarks, noMarks, type Marks } from './measure/marks';
import { sequenceFor } from './measure/sequence';
import { ResultStep } from './ResultStep';
import { SetupStep } from './SetupStep';
import { ShotStep } from './ShotStep';
import { StationSheet } from './stations/StationSheet';
import { lastPictureOf } from './viewfinder/lastPicture';
import { Viewfinder } from './viewfinder/Viewfinder';

/** A look at a student's hold: pictures with their points, answers by tap, and the result. */
export function CheckScreen({ studentId, setupId }: { studentId: string; setupId?: string }) {
  const handFile = useHandFile(studentId, setupId);
  return <Loaded from={handFile}>{(data) => <Check key={data.setupId} handFile={data} />}</Loaded>;
}

/** The picture that is being taken or marked. */
interface Draft {
  id: string;
  view: View;
  place: Place | null;
  picture: ChosenPicture | null;
  marks: Marks | null;
  /** By what marks are known as those of this very picture and view. */
  marksOf: string;
}

const newDraft = (view: View): Draft => ({
  id: uuidv7(),
  view,
  place: null,
  picture: null,
  marks: null,
  marksOf: '',
});

const keyOf = ({ picture, view }: Pick<Draft, 'picture' | 'view'>) => `${picture?.id} ${view}`;

type Step = 'setup' | 'camera' | 'measure' | 'stations' | 'result';

function Check({ handFile }: { handFile: HandFile }) {
  const { student, setupId, ownHolds, relaxedHand, history } = handFile;
  const setup = student.setups.find(({ id }) => id === setupId)!;
  const taught = findHold(setup.holdId, ownHolds);
  const [checkId] = useState(() => uuidv7());
  const [step, setStep] = useState<Step>('setup');
  const [state, setState] = useState<LookState>(EMPTY_LOOK);
  const [draft, setDraft] = useState(() => newDraft(taught.views[0] as View));
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
  const look = useMemo(
    () => lookOf(state, student.side, frogLength),
    [state, student.side, frogLength],
  );
  const hasAny = state.shots.length + state.taps.length > 0;

  const edit = (shot: Shot) => {
    setDraft({ ...shot, marksOf: keyOf(shot) });
    setStep('measure');
  };
  /** Turns the picture over, and the marks that are kept with it; false when it could not be done. */
  const flipDraft = async (): Promise<boolean> => {
    if (!draft.picture) return false;
    setFlipping(true);
    const flipped = await flip(draft.picture);
    setFlipping(false);
    if (!flipped) return false;
    setDraft((now) => ({
      ...now,
      picture: flipped,
      marks: now.marks && changeMarks(now.marks, { type: 'mirror', width: flipped.width }),
    }));
    return true;
  };

  if (step === 'camera') {
    const ghost = lastPictureOf(history, draft.view);
    return (
      <Viewfinder
        view={draft.view}
        ghostUrl={ghost === null ? null : paths.picture(ghost)}
        problem={problem}
        onBack={() => setStep('setup')}
        onPicture={(file) =>
          void take(file).then((picture) => {
            if (!picture) return;
            setDraft((now) => ({ ...now, picture }));
            setStep('setup');
          })
        }
      />
    );
  }
  if (step === 'measure' && draft.picture) {
    const { id, view, place, picture } = draft;
    const marks = draft.marksOf === keyOf(draft) ? draft.marks : null;
    return (
      <ShotStep
        key={keyOf(draft)}
        shot={{ id, view, place, picture, marks }}
        facts={{
          view,
          side: student.side,
          context: place ?? state.context,
          frogLength,
          hold,
          hand,
        }}
        onFlip={flipDraft}
        onBack={(latest) => {
          setDraft({ ...draft, marks: latest, marksOf: keyOf(draft) });
          setStep('setup');
        }}
        onRead={(latest) => {
          setState((now) => putShot(now, { id, view, place, picture, marks: latest }));
          setStep('result');
        }}
      />
    );
  }
  if (step === 'stations') {
    return (
      <StationSheet
        hold={hold}
        side={student.side}
        skinTone={student.skinTone}
        context={state.context}
        taps={state.taps}
        onAnswer={(measure, tap) => setState((now) => answer(now, measure, tap))}
        onBack={() => setStep(hasAny ? 'result' : 'setup')}
        onDone={() => setStep('result')}
      />
    );
  }
  if (step === 'result' && hasAny) {
    return (
      <ResultStep
        student={student}
        hold={hold}
        hand={hand}
        look={look}
        state={state}
        saving={saving}
        failure={failure}
        onMove={edit}
        onRemove={(id) => setState((now) => removeShot(now, id))}
        onPicture={() => {
          setDraft(newDraft(nextView(taught.views as View[], state)));
          setStep('setup');
        }}
        onTaps={() => setStep('stations')}
        onSave={() =>
          keep(
            {
              kind: 'check',
              id: checkId,
              studentName: student.name,
              pictures: state.shots.map(({ picture: { id, blob } }) => ({ id, blob })),
              body: {
                studentId: student.id,
                setupId: setup.id,
                takenAt: new Date().toISOString(),
                context: state.context,
                grip,
                captures: look.captures.map((capture, i) => ({
                  ...capture,
                  id: state.shots[i]!.id,
                  pictureId: state.shots[i]!.picture.id,
                  place: capture.place ?? null,
                })),
                taps: [...state.taps],
              },
            },
            `/students/${student.id}?setup=${setup.id}`,
          )
        }
      />
    );
  }
  return (
    <SetupStep
      student={student}
      setup={setup}
      hold={taught}
      frogLength={frogLength}
      context={state.context}
      isFirst={!hasAny}
      draft={draft}
      busy={flipping}
      onSetup={(setup) => router.setParams({ setup })}
      onContext={(context) => setState((now) => ({ ...now, context }))}
      onDraft={(changed) => setDraft({ ...draft, ...changed })}
      onTake={() => setStep('camera')}
      onFlip={() => void flipDraft()}
      onPoints={({ view, place, points }) => {
        const next = { ...draft, view, place: place ?? null };
        const begun = noMarks(sequenceFor(view, hold).needed);
        const marks = Object.entries(points).reduce(
          (now, [name, at]) =>
            changeMarks(now, { type: 'set', name: name as PointName, at: { x: at.x, y: at.y } }),
          begun,
        );
        setDraft({ ...next, marks, marksOf: keyOf(next) });
        setStep('measure');
      }}
      onTaps={() => setStep('stations')}
      onNext={() => setStep('measure')}
      onBack={hasAny ? () => setStep('result') : null}
    />
  );
}

/** The first view of the hold from which there is no picture yet. */
const nextView = (views: readonly View[], { shots }: LookState): View =>
  views.find((view) => !shots.some((shot) => shot.view === view)) ?? views[0]!;
