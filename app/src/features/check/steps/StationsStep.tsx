import { router } from 'expo-router';
import { lookWay } from '../look/lookWay';
import { isBegun } from '../look/lookState';
import { StationSheet } from '../stations/StationSheet';
import { TapLookHead } from '../stations/TapLookHead';
import { hidesVerdicts, type StepProps } from './stepProps';

/** The hold is answered by touching the drawn hand. */
export function StationsStep({
  handFile: { student },
  draft,
  facts: { hold, grip },
  send,
}: StepProps) {
  const { context, taps, signs } = draft.state;
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
      answers={{ taps, seen: signs, watching: hidesVerdicts(draft) }}
      at={draft.station}
      head={
        <TapLookHead
          context={context}
          onContext={(chosen) => send({ type: 'context', context: chosen })}
          onSetup={() => send({ type: 'askSetup' })}
        />
      }
      onAt={(at) => send({ type: 'station', at })}
      onAnswer={(measure, tap) => send({ type: 'answer', measure, tap })}
      onMark={(marked) => send({ type: 'signs', marked })}
      onTests={() => send({ type: 'askTests' })}
      onBack={() => {
        // A look that began here has no step before it.
        if (!isBegun(draft.state) && lookWay.get() === 'tap')
          router.dismissTo(`/students/${student.id}`);
        else send({ type: 'leave' });
      }}
      onDone={() => send({ type: 'done' })}
    />
  );
}
