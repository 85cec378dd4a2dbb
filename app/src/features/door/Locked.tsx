import { useEffect, useState, useSyncExternalStore } from 'react';
import type { Access } from '@open-palm/contract';
import { lockSession, signOut, unlockSession } from '../../foundation/api/access';
import { drawCurtain } from '../../foundation/api/accessState';
import { isReachable, onReach } from '../../foundation/api/reach';
import { Button } from '../../foundation/kit/Button';
import { Notice } from '../../foundation/kit/Notice';
import { PassphraseField } from '../../foundation/kit/PassphraseField';
import { Screen } from '../../foundation/kit/Screen';
import { Text } from '../../foundation/kit/Text';
import { doorWords } from '../../foundation/strings/door';
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
  const { busy, problem, take } = useStep(async () => {
    await unlockSession(passphrase);
    drawCurtain(false);
  });
  useEffect(() => {
    // Once the studio is there again, it is locked there too.
    if (isCurtain && reachable) void lockSession().catch(() => undefined);
  }, [isCurtain, reachable]);
  return (
    <Screen
      footer={
        isCurtain && !reachable ? (
          <Button
            label={words.lift}
            primary
            onPress={() => drawCurtain(false)}
            style={{ flex: 1 }}
          />
        ) : (
          <Button
            label={words.done}
            primary
            busy={busy}
            disabled={passphrase === ''}
            onPress={take}
            style={{ flex: 1 }}
          />
        )
      }
    >
      <Text variant="title">{words.title}</Text>
      {me ? <Text>{words.as(me.name)}</Text> : null}
      {isCurtain && !reachable ? (
        <Notice>{words.away}</Notice>
      ) : (
        <>
          <PassphraseField value={passphrase} onChange={setPassphrase} onDone={take} />
          {reachable ? null : <Notice>{words.awayLocked}</Notice>}
        </>
      )}
      {problem === null ? null : <Notice tone="out">{problem}</Notice>}
      <Button
        label={words.other}
        quiet
        onPress={() =>
          void signOut()
            .then(() => drawCurtain(false))
            .catch(() => undefined)
        }
      />
    </Screen>
  );
}
