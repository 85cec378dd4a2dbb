import { useState } from 'react';
import type { Access } from '@open-palm/contract';
import { signIn } from '../../foundation/api/access';
import { Choice, Choices } from '../../foundation/kit/Choice';
import { PassphraseField } from '../../foundation/kit/PassphraseField';
import { Text } from '../../foundation/kit/Text';
import { strings } from '../../foundation/strings';
import { doorWords } from '../../foundation/strings/door';
import { DoorForm } from './DoorForm';
import { HowMuchWaits } from './HowMuchWaits';
import { useStep } from './useStep';

const words = doorWords.signIn;

/** Who comes in, with their passphrase. */
export function SignIn({ access: { people, settings, isLocal } }: { access: Access }) {
  const [personId, setPerson] = useState(people[0]?.id ?? '');
  const [passphrase, setPassphrase] = useState('');
  const step = useStep(() => signIn(personId, passphrase));
  return (
    <DoorForm
      title={settings?.name ?? strings.app}
      done={words.done}
      isWhole={passphrase !== ''}
      step={step}
      after={
        <>
          <HowMuchWaits />
          {isLocal ? (
            <Text variant="small" second>
              {words.lost}
            </Text>
          ) : null}
        </>
      }
    >
      {people.length > 1 ? (
        <Choices question={words.who}>
          {people.map(({ id, name }) => (
            <Choice key={id} label={name} chosen={id === personId} onPress={() => setPerson(id)} />
          ))}
        </Choices>
      ) : (
        <Text>{people[0]?.name ?? ''}</Text>
      )}
      <PassphraseField value={passphrase} onChange={setPassphrase} onDone={step.take} />
    </DoorForm>
  );
}
