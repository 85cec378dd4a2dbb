import { useState } from 'react';
import type { Access } from '@open-palm/contract';
import { signIn } from '../../foundation/api/access';
import { Button } from '../../foundation/kit/Button';
import { Choice, Choices } from '../../foundation/kit/Choice';
import { Notice } from '../../foundation/kit/Notice';
import { PassphraseField } from '../../foundation/kit/PassphraseField';
import { Screen } from '../../foundation/kit/Screen';
import { Text } from '../../foundation/kit/Text';
import { strings } from '../../foundation/strings';
import { doorWords } from '../../foundation/strings/door';
import { HowMuchWaits } from './HowMuchWaits';
import { useStep } from './useStep';

const words = doorWords.signIn;

/** Who comes in, with their passphrase. */
export function SignIn({ access: { people, settings, isLocal } }: { access: Access }) {
  const [personId, setPerson] = useState(people[0]?.id ?? '');
  const [passphrase, setPassphrase] = useState('');
  const { busy, problem, take } = useStep(() => signIn(personId, passphrase));
  return (
    <Screen
      footer={
        <Button
          label={words.done}
          primary
          busy={busy}
          disabled={passphrase === ''}
          onPress={take}
          style={{ flex: 1 }}
        />
      }
    >
      <Text variant="title">{words.title(settings?.name ?? strings.app)}</Text>
      {people.length > 1 ? (
        <Choices question={words.who}>
          {people.map(({ id, name }) => (
            <Choice key={id} label={name} chosen={id === personId} onPress={() => setPerson(id)} />
          ))}
        </Choices>
      ) : (
        <Text>{people[0]?.name ?? ''}</Text>
      )}
      <PassphraseField value={passphrase} onChange={setPassphrase} onDone={take} />
      {problem === null ? null : <Notice tone="out">{problem}</Notice>}
      <HowMuchWaits />
      {isLocal ? (
        <Text variant="small" second>
          {words.lost}
        </Text>
      ) : null}
    </Screen>
  );
}
