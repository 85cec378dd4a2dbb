import type { Student } from '@open-palm/contract';
import type { Hold } from '@open-palm/core/holds';
import { TEST_PARTS, type Recorder } from '@open-palm/core/practice';
import { Choice, Choices } from '../../../foundation/kit/Choice';
import { strings } from '../../../foundation/strings';
import { CleanCounter } from './recorders/CleanCounter';
import { Placements } from './recorders/Placements';
import { LoweredBow } from './recorders/LoweredBow';
import { Stepper } from './recorders/Stepper';
import { Stopwatch } from './recorders/Stopwatch';
import type { Recording } from './recording';

const words = strings.testing;

/** One thing that a test records. */
export function RecorderInput({
  recorder,
  hold,
  student,
  recording,
  onRecord,
}: {
  recorder: Recorder;
  hold: Hold;
  student: Student;
  recording: Recording;
  onRecord: (more: Recording) => void;
}) {
  switch (recorder.kind) {
    case 'stopwatch':
      return (
        <Stopwatch
          seconds={recording.seconds}
          onSeconds={(seconds) => onRecord(seconds === undefined ? {} : { seconds })}
        />
      );
    case 'cleanOf':
      return (
        <CleanCounter
          of={recorder.of}
          tries={recording.tries ?? []}
          onTries={(tries) => onRecord({ tries })}
        />
      );
    case 'downTo':
      return (
        <LoweredBow
          downToDeg={recording.downToDeg}
          onDownTo={(downToDeg) => onRecord({ downToDeg })}
        />
      );
    case 'counts':
    case 'steps':
    case 'breaks':
      return (
        <Stepper
          name={words[recorder.kind]}
          value={recording[recorder.kind]}
          onValue={(value) => onRecord({ [recorder.kind]: value })}
        />
      );
    case 'part':
      return (
        <Choices question={words.part}>
          {TEST_PARTS.map((part) => (
            <Choice
              key={part}
              label={words.parts[part]}
              chosen={recording.part === part}
              onPress={() => onRecord({ part })}
            />
          ))}
        </Choices>
      );
    case 'question':
      return (
        <Choices question={words.questions[recorder.id] ?? recorder.id}>
          {recorder.options.map((option) => (
            <Choice
              key={option}
              label={words.options[option] ?? option}
              chosen={recording.answers?.[recorder.id] === option}
              onPress={() => onRecord({ answers: { ...recording.answers, [recorder.id]: option } })}
            />
          ))}
        </Choices>
      );
    case 'placements':
      return (
        <Placements
          hold={hold}
          side={student.side}
          skinTone={student.skinTone}
          placements={recording.placements ?? []}
          onPlacements={(placements) => onRecord({ placements: [...placements] })}
        />
      );
    case 'comparison':
      return null;
  }
}
