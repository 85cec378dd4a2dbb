import { useState } from 'react';
import { renewPassphrase } from '../../foundation/api/access';
import { isLongEnough, NewPassphrase } from '../../foundation/kit/NewPassphrase';
import { Text } from '../../foundation/kit/Text';
import { doorWords } from '../../foundation/strings/door';
import { DoorForm } from './DoorForm';
import { enter, useStep } from './useStep';

const words = doorWords.renew;

/** A new passphrase, by the link that somebody got who lost theirs or is new. */
export function RenewPassphrase({ code }: { code: string }) {
  const [passphrase, setPassphrase] = useState('');
  const step = useStep(() => renewPassphrase(code, passphrase).then(enter));
  return (
    <DoorForm title={words.title} done={words.done} isWhole={isLongEnough(passphrase)} step={step}>
      <Text>{words.text}</Text>
      <NewPassphrase value={passphrase} onChange={setPassphrase} />
    </DoorForm>
  );
}
