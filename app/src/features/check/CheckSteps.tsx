import type { ReactNode } from 'react';
import type { HandFile } from '@open-palm/contract';
import type { LessonLog } from '../../foundation/api/lessonLog';
import type { VisionClient } from '../../foundation/workers/vision/visionClient';
import type { CheckDraft, ShotDraft } from './draft/checkDraft';
import { useLastBowReady } from './lastBow/useLastBow';
import { marksKey, type LookEvent } from './look/lookMachine';
import { useFlip } from './look/useFlip';
import { useKeepLook } from './look/useKeepLook';
import { useLookFacts } from './look/useLookFacts';
import { ReadyStep } from './ready/ReadyStep';
import { ResultStep } from './result/ResultStep';
import { SetupStep } from './setup/SetupStep';
import { ShotStep } from './ShotStep';
import { CameraStep } from './steps/CameraStep';
import { StationsStep } from './steps/StationsStep';
import { hidesVerdicts } from './steps/stepProps';
import { TestsStep } from './tests/TestsStep';

/** The step that a look is at. */
export function CheckSteps({
  handFile,
  draft,
  vision,
  log,
  send,
  onMarks,
  onKept,
}: {
  handFile: HandFile;
  draft: CheckDraft;
  vision: VisionClient;
  log: LessonLog;
  send: (event: LookEvent) => void;
  onMarks: (marks: Pick<ShotDraft, 'marks' | 'marksOf'>) => void;
  onKept: () => Promise<void>;
}): ReactNode {
  const { student, history } = handFile;
  const { state, shot, step } = draft;
  const facts = useLookFacts(handFile, state);
  const { hold, hand, frogLength, start } = facts;
  const { flipping, flip } = useFlip(shot.picture, send);
  // A look that could not be kept says so until it is.
  const keeping = useKeepLook(handFile, draft, facts, onKept);
  useLastBowReady(shot.view, history);
  const common = { handFile, draft, facts, log, send };
  const leave = () => send({ type: 'leave' });
  switch (step) {
    case 'ready':
      return (
        <ReadyStep
          student={student}
          readiness={state.readiness}
          onSet={(ready) => send({ type: 'ready', ready })}
          onAll={() => send({ type: 'allReady' })}
          onBack={leave}
        />
      );
    case 'camera':
      return <CameraStep {...common} />;
    case 'stations':
      return <StationsStep {...common} />;
    case 'tests':
      return (
        <TestsStep
          handFile={handFile}
          hold={hold}
          checkId={draft.checkId}
          log={log}
          canCompare={start !== null}
          onCompare={() => send({ type: 'compare' })}
          onSign={(sign, present) => send({ type: 'signs', marked: { [sign]: present } })}
          onBack={leave}
        />
      );
    case 'measure': {
      const { id, view, viewIsAssumed = false, place, picture } = shot;
      if (!picture) break;
      const key = marksKey(shot);
      return (
        <ShotStep
          key={key}
          shot={{
            id,
            view,
            viewIsAssumed,
            place,
            picture,
            marks: shot.marksOf === key ? shot.marks : null,
          }}
          facts={{
            view,
            side: student.side,
            context: place ?? state.context,
            frogLength,
            hold,
            hand,
          }}
          vision={vision}
          shots={state.shots}
          history={history}
          hides={hidesVerdicts(draft)}
          onMarks={(marks) => onMarks({ marks, marksOf: key })}
          onView={(seen, marks) => send({ type: 'recognised', view: seen, marks })}
          onFlip={flip}
          onBack={(marks) => send({ type: 'leave', marks })}
          onRead={(marks) => send({ type: 'read', marks })}
        />
      );
    }
    case 'result':
      return <ResultStep {...common} keeping={keeping} />;
    case 'setup':
  }
  return <SetupStep {...common} flipping={flipping} onFlip={() => void flip()} />;
}
