import { router } from 'expo-router';
import { useCallback, useMemo, useState } from 'react';
import { v7 as uuidv7 } from 'uuid';
import { LARGEST_PICTURE_BYTES, type Student } from '@open-palm/contract';
import { FROG_LENGTH_ESTIMATE, MEASURED_FROG_SD_MM, type KnownLength } from '@open-palm/core/bow';
import { holdById, type BowKind } from '@open-palm/core/holds';
import type { Context, View } from '@open-palm/core/measure';
import { outbox } from '../../api/outbox';
import { useHandFile } from '../../api/queries';
import { sendUnsent } from '../../api/useOutbox';
import { Loaded } from '../../kit/Loaded';
import { strings } from '../../strings';
import { changeMarks, noMarks, type Marks } from './measure/marks';
import { measureMarks, type PictureFacts } from './measure/measureMarks';
import { MeasureStep } from './measure/MeasureStep';
import { sequenceFor } from './measure/sequence';
import { useMarks } from './measure/useMarks';
import { pickFile } from './picture/pickFile';
import {
  flipPicture,
  PictureProblem,
  preparePicture,
  type PreparedPicture,
} from './picture/preparePicture';
import { ResultStep } from './ResultStep';
import { SetupStep } from './SetupStep';

/** A look at a student's hold: picture, points, result. */
export function CheckScreen({ studentId }: { studentId: string }) {
  const handFile = useHandFile(studentId);
  return <Loaded from={handFile}>{({ student }) => <Check student={student} />}</Loaded>;
}

function Check({ student }: { student: Student }) {
  const hold = holdById(student.holdId);
  const [step, setStep] = useState<'setup' | 'measure' | 'result'>('setup');
  const [context, setContext] = useState<Context>('free');
  const [view, setView] = useState<View>('finger-side');
  const { picture, problem, pick, flip } = usePicture();
  const [kept, setKept] = useState<{ key: string; marks: Marks } | null>(null);
  const frogLength = useMemo(() => frogLengthOf(student, hold.bow), [student, hold.bow]);
  const { save, saving, failure } = useSave(student);
  const flipWithKept = () => {
    flip();
    if (!picture || !kept) return;
    const marks = changeMarks(kept.marks, { type: 'mirror', width: picture.width });
    setKept({ ...kept, marks });
  };

  if (step === 'setup' || !picture) {
    return (
      <SetupStep
        student={student}
        hold={hold}
        frogLength={frogLength}
        context={context}
        view={view}
        picture={picture}
        problem={problem}
        onContext={setContext}
        onView={setView}
        onPick={pick}
        onFlip={flipWithKept}
        onNext={() => setStep('measure')}
      />
    );
  }
  const facts = { view, side: student.side, context, frogLength, hold };
  // Another picture or view begins with no marks; going back to the first step keeps them.
  const marksKey = `${picture.id} ${view}`;
  return (
    <Marking
      key={marksKey}
      kept={kept?.key === marksKey ? kept.marks : null}
      onKeep={(marks) => setKept({ key: marksKey, marks })}
      student={student}
      picture={picture}
      facts={facts}
      step={step}
      onStep={setStep}
      onFlip={flip}
      saving={saving}
      failure={failure}
      onSave={save}
    />
  );
}

function frogLengthOf({ frogLengthMm, instrument }: Student, bow: BowKind): KnownLength {
  return frogLengthMm === null
    ? FROG_LENGTH_ESTIMATE[instrument === 'viola' ? 'viola' : bow]
    : { mm: frogLengthMm, sdMm: MEASURED_FROG_SD_MM };
}

function Marking({
  kept,
  onKeep,
  student,
  picture,
  facts: known,
  step,
  onStep,
  onFlip,
  saving,
  failure,
  onSave,
}: {
  /** The marks of an earlier visit to this step. */
  kept: Marks | null;
  onKeep: (marks: Marks) => void;
  student: Student;
  picture: PreparedPicture;
  facts: Omit<PictureFacts, 'picture'>;
  step: 'measure' | 'result';
  onStep: (step: 'setup' | 'measure' | 'result') => void;
  onFlip: () => void;
  saving: boolean;
  failure: string | null;
  onSave: ReturnType<typeof useSave>['save'];
}) {
  const { width, height } = picture;
  const size = useMemo(() => ({ width, height }), [width, height]);
  const facts: PictureFacts = { ...known, picture: size };
  const store = useMarks(() => kept ?? noMarks(sequenceFor(facts.view).needed));
  const { current } = store;
  const { placed } = store.marks;
  const { view, side, context, frogLength, hold } = known;
  const outcome = useMemo(
    () => measureMarks(placed, { view, side, context, frogLength, hold, picture: size }),
    [placed, view, side, context, frogLength, hold, size],
  );
  const toSetup = () => {
    onKeep(current());
    onStep('setup');
  };
  const toResult = useCallback(() => onStep('result'), [onStep]);
  if (step === 'measure') {
    return (
      <MeasureStep
        picture={picture}
        facts={facts}
        store={store}
        outcome={outcome}
        onFlip={() => {
          onFlip();
          store.change({ type: 'mirror', width });
        }}
        onBack={toSetup}
        onRead={toResult}
      />
    );
  }
  return (
    <ResultStep
      student={student}
      picture={picture}
      facts={facts}
      outcome={outcome}
      saving={saving}
      failure={failure}
      onBack={() => onStep('measure')}
      onSave={() => onSave(facts, outcome.capture, picture)}
    />
  );
}

/** The chosen picture; another one gets another id, a flipped one keeps it. */
function usePicture() {
  const [picture, setPicture] = useState<(PreparedPicture & { id: string }) | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const attempt = async (make: () => Promise<(PreparedPicture & { id: string }) | null>) => {
    try {
      const made = await make();
      if (!made) return;
      setPicture(made);
      setProblem(null);
    } catch (error) {
      setProblem(problemWords(error));
    }
  };
  const pick = () =>
    void attempt(async () => {
      const file = await pickFile();
      return file && { ...(await preparePicture(file)), id: uuidv7() };
    });
  const flip = () =>
    void attempt(async () => picture && { ...(await flipPicture(picture)), id: picture.id });
  return { picture, problem, pick, flip };
}

function problemWords(error: unknown): string {
  const words = strings.check.problems;
  if (!(error instanceof PictureProblem)) return words.damaged;
  return error.kind === 'tooLarge'
    ? words.tooLarge(LARGEST_PICTURE_BYTES / 1024 / 1024)
    : words[error.kind];
}

/** Keeps a look: first on this device, then with the studio; either way the student's file comes next. */
function useSave(student: Student) {
  // Made once, so that saving again after a failure is the same write.
  const [ids] = useState(() => ({ check: uuidv7(), capture: uuidv7(), picture: uuidv7() }));
  const [saving, setSaving] = useState(false);
  const [failure, setFailure] = useState<string | null>(null);
  const save = async (
    { context, hold }: PictureFacts,
    capture: ReturnType<typeof measureMarks>['capture'],
    picture: PreparedPicture,
  ) => {
    setSaving(true);
    setFailure(null);
    try {
      await outbox.add({
        id: ids.check,
        studentName: student.name,
        picture: picture.blob,
        check: {
          studentId: student.id,
          takenAt: new Date().toISOString(),
          context,
          holdId: hold.id,
          captures: [{ id: ids.capture, pictureId: ids.picture, ...capture }],
        },
      });
      await sendUnsent();
      const unsent = outbox.contents().some((item) => item.check.studentId === student.id);
      router.dismissTo(unsent ? '/' : `/students/${student.id}`);
    } catch (error) {
      setSaving(false);
      setFailure(error instanceof Error ? error.message : String(error));
    }
  };
  return { save: (...look: Parameters<typeof save>) => void save(...look), saving, failure };
}
