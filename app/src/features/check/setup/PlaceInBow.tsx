import { PLACES, type Place } from '@open-palm/core/measure';
import { Choice, Choices } from '../../../foundation/kit/Choice';
import { strings } from '../../../foundation/strings';

const words = strings.check;

/** Where in the bow a further picture is. */
export function PlaceInBow({
  usual,
  place,
  onPlace,
}: {
  usual: string;
  place: Place | null;
  onPlace: (place: Place | null) => void;
}) {
  return (
    <Choices question={words.whereInBow}>
      {[null, ...PLACES].map((option) => (
        <Choice
          key={option ?? 'same'}
          label={option === null ? words.asBefore(usual) : strings.contexts[option]}
          chosen={option === place}
          onPress={() => onPlace(option)}
        />
      ))}
    </Choices>
  );
}
