import type { LogEntryOf } from '@open-palm/contract';
import { Choice, Choices } from '../../foundation/kit/Choice';
import { strings } from '../../foundation/strings';

const EFFECTS = ['better', 'same', 'worse'] as const;

/** What something did to sound or ease; null where nobody said. */
export type Effect = LogEntryOf<'cueWord'>['sound'];

/** Better, the same, or worse; touched again it is taken back. */
export function OneEffect({
  name,
  value,
  onChoose,
}: {
  name: string;
  value: Effect;
  onChoose: (effect: Effect) => void;
}) {
  return (
    <Choices question={name}>
      {EFFECTS.map((effect) => (
        <Choice
          key={effect}
          label={strings.cueTry.effects[effect]}
          chosen={value === effect}
          onPress={() => onChoose(value === effect ? null : effect)}
        />
      ))}
    </Choices>
  );
}
