import { useState } from 'react';
import { renewPassphrase } from '../../foundation/api/access';
import { Button } from '../../foundation/kit/Button';
import { Notice } from '../../foundation/kit/Notice';
import { Screen } from '../../foundation/kit/Screen';
import { Text } from '../../foundation/kit/Text';
import { doorWords } from '../../foundation/strings/door';
import { isLongEnough, NewPassphrase } from '../../foundation/kit/NewPassphrase';
import { enter, useStep } from './useStep';

const words = doorWords.renew;

/** A new passphrase, by the link that somebody got who lost theirs or is new. */
export function RenewPassphrase({ code }: { code: string }) {
  const [passphrase, setPassphrase] = useState('');
  const { busy, problem, take } = useStep(() => renewPassphrase(code, passphrase).then(enter));
  return (
    <Screen
      footer={
        <Button
          label={words.done}
          primary
          busy={busy}
          disabled={!isLongEnough(passphrase)}
          onPress={take}
          style={{ flex: 1 }}
        />
      }
    >
      <Text variant="title">{words.title}</Text>
      <Text>{words.text}</Text>
      <NewPassphrase value={passphrase} onChange={setPassphrase} />
      {problem === null ? null : <Notice tone="out">{problem}</Notice>}
    </Screen>
  );
}
