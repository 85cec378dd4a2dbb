import { router } from 'expo-router';
import type { Student } from '@open-palm/contract';
import type { Hold } from '@open-palm/core/holds';
import { Choice, Choices } from '../../foundation/kit/Choice';
import { strings } from '../../foundation/strings';
import { findHold } from '@open-palm/records/holds';
import { holdName } from '../../foundation/strings/holdWords';

/** A student's instruments with their holds, of which the address names one; nothing where there is one only. */
export function InstrumentChoices({
  setups,
  ownHolds,
  setupId,
}: {
  setups: Student['setups'];
  ownHolds: readonly Hold[];
  setupId: string;
}) {
  if (setups.length < 2) return null;
  return (
    <Choices question={strings.handFile.instrument}>
      {setups.map(({ id, instrument, holdId }) => (
        <Choice
          key={id}
          label={strings.students.line(
            strings.instruments[instrument],
            holdName(findHold(holdId, ownHolds)),
          )}
          chosen={id === setupId}
          onPress={() => router.setParams({ setup: id })}
        />
      ))}
    </Choices>
  );
}
