import { useEffect, useReducer, useState } from 'react';
import { View } from 'react-native';
import { useLessonLog } from '../../foundation/api/lessonLog';
import { sync } from '../../foundation/api/sync';
import { PainBar } from '../../assessment/painFlags/PainBar';
import { PainStep } from '../../assessment/painFlags/PainStep';
import { Notice } from '../../foundation/kit/Notice';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { space } from '../../foundation/kit/tokens';
import { strings } from '../../foundation/strings';
import { startAdvice } from '../../foundation/workers/askAdvice';
import { useVision } from '../../foundation/workers/vision/useVision';
import { CheckSteps } from './CheckSteps';
import type { CheckDraft } from './draft/checkDraft';
import { useDraftKeeper } from './draft/useDraftKeeper';
import type { HandFile } from '@open-palm/contract';
import { lookReducer } from './look/lookMachine';
import { hidesVerdicts } from './steps/stepProps';
import { isBegun } from './look/lookState';

/** A look under way: kept on this device while it changes, with pain one tap away at every step. */
export function Check({
  handFile,
  initial,
  isRestored,
  onAnew,
}: {
  handFile: HandFile;
  initial: CheckDraft;
  /** Whether it was begun before the page was loaded. */
  isRestored: boolean;
  /** Gives it up and begins another. */
  onAnew: () => void;
}) {
  const tokens = useTokens();
  const { student, setupId } = handFile;
  const [draft, send] = useReducer(lookReducer, initial);
  const [tellsRestored, setTellsRestored] = useState(isRestored);
  const [hurts, setHurts] = useState(false);
  const log = useLessonLog(handFile);
  const keeper = useDraftKeeper({ studentId: student.id, setupId, studentName: student.name });
  useEffect(() => {
    if (isWorthKeeping(draft)) keeper.keep(draft);
  }, [draft, keeper]);
  const vision = useVision();
  useEffect(() => void startAdvice(), []);
  if (hurts) return <PainStep log={log} onDone={() => setHurts(false)} />;
  return (
    <View style={{ flex: 1, backgroundColor: tokens.ground }}>
      <PainBar
        log={log}
        note={hidesVerdicts(draft) ? strings.watching.on : null}
        onHurt={(what) => {
          void log.add({ kind: 'hurt', what, word: null });
          setHurts(true);
        }}
      />
      {tellsRestored ? (
        <View style={{ padding: space(3), gap: space(2) }}>
          <Notice
            action={{ label: strings.draft.startAnew, onPress: onAnew }}
            further={{ label: strings.draft.fine, onPress: () => setTellsRestored(false) }}
          >
            {strings.draft.restored}
          </Notice>
        </View>
      ) : null}
      <CheckSteps
        handFile={handFile}
        draft={draft}
        vision={vision}
        log={log}
        send={send}
        // Marks are kept while they are set, without drawing the whole look anew.
        onMarks={(marks) => keeper.keep({ ...draft, shot: { ...draft.shot, ...marks } })}
        onKept={async () => {
          await keeper.drop();
          if (draft.instead) await sync.discard({ kind: 'check', id: draft.instead });
        }}
      />
    </View>
  );
}

const isWorthKeeping = ({ state, shot }: CheckDraft): boolean =>
  isBegun(state) || state.readiness.length > 0 || shot.picture !== null;
