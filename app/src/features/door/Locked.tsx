import { useEffect, useState, useSyncExternalStore } from 'react';
import type { Access } from '@open-palm/contract';
import { lockSession, signOut, unlockSession } from '../../foundation/api/access';
import { drawCurtain } from '../../foundation/api/accessState';
import { isReachable, onReach } from '../../foundation/api/reach';
import { Button } from '../../foundation/kit/Button';
import { Notice } from '../../foundation/kit/Notice';
import { PassphraseField } from '../../foundation/kit/PassphraseField';
import { Text } from '../../foundation/kit/Text';
import { doorWords } from '../../foundation/strings/door';
import { DoorForm } from './DoorForm';
import { useStep } from './useStep';

const words = doorWords.locked;

/**
 * A locked screen.
 *
 * @param isCurtain whether the studio knows nothing of it, because it could not be reached
 */
export function Locked({ access: { me }, isCurtain }: { access: Access; isCurtain: boolean }) {
  const [passphrase, setPassphrase] = useState('');
  const reachable = useSyncExternalStore(onReach, isReachable);
  const step = useStep(async () => {
    await unlockSession(passphrase);
    drawCurtain(false);
  });
  useEffect(() => {
    // Once the studio is there again, it is locked there too.
    if (isCurtain && reachable) void lockSession().catch(() => undefined);
  }, [isCurtain, reachable]);
  const isOnlyCurtain = isCurtain && !reachable;
  const lift = { busy: false, problem: null, take: () => drawCurtain(false) };
  return (
    <DoorForm
      title={words.title}
      done={isOnlyCurtain ? words.lift : words.done}
      isWhole={isOnlyCurtain || passphrase !== ''}
      step={isOnlyCurtain ? lift : step}
      after={
        <Button
          label={words.other}
          quiet
          onPress={() =>
            void signOut()
              .then(() => drawCurtain(false))
              .catch(() => undefined)
          }
        />
      }
    >
      {me ? <Text>{words.as(me.name)}</Text> : null}
      {isOnlyCurtain ? (
        <Notice>{words.away}</Notice>
      ) : (
        <>
          <PassphraseField value={passphrase} onChange={setPassphrase} onDone={step.take} />
          {reachable ? null : <Notice>{words.awayLocked}</Notice>}
        </>
      )}
    </DoorForm>
  );
}
