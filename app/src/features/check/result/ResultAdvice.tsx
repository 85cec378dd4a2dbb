import { useMemo, type ReactNode } from 'react';
import { WorkOnCard } from '../../../assessment/advice/WorkOnCard';
import { useLessonOverrides } from '../../../assessment/advice/useLessonOverrides';
import { Breakdown } from '../../../assessment/breakdown/Breakdown';
import { PainNotice } from '../../../assessment/painFlags/PainNotice';
import { VerdictOverrideProvider } from '../../../assessment/verdictOverride/verdictOverride';
import { studioNow } from '../../../foundation/api/clock';
import { Notice } from '../../../foundation/kit/Notice';
import { strings } from '../../../foundation/strings';
import type { StepProps } from '../steps/stepProps';
import type { Result } from './useResult';

/** What a look says: pain first, the one thing to work on, the hand that shows it, then every measure. */
export function ResultAdvice({
  handFile: { student },
  draft: { state, checkId, watching },
  facts: { hold, look, start },
  log,
  send,
  measures,
  notMeasured,
  children,
}: StepProps & Pick<Result, 'measures' | 'notMeasured'> & { children: ReactNode }) {
  const seen = useMemo(
    () => measures.map((merged) => ({ checkId, context: look.context, merged })),
    [measures, checkId, look.context],
  );
  const eye = useLessonOverrides(seen, log);
  return (
    <>
      <PainNotice log={log} now={studioNow()} />
      <WorkOnCard
        measures={seen}
        signs={state.signs}
        hold={hold}
        student={student}
        checkId={checkId}
        context={look.context}
        log={log}
        start={look.context === 'playing-end' ? start : null}
        watches={watching}
        onWhich={(saw, not) => send({ type: 'signs', marked: { [saw]: true, [not]: false } })}
        onAnswer={(sign, isSeen) => send({ type: 'signs', marked: { [sign]: isSeen } })}
      />
      {children}
      {student.bands === 'off' ? <Notice>{strings.bandsOff}</Notice> : null}
      <VerdictOverrideProvider value={eye}>
        <Breakdown
          measures={measures}
          notMeasured={notMeasured}
          views={state.shots.map(({ view }) => view)}
        />
      </VerdictOverrideProvider>
    </>
  );
}
