import { router } from 'expo-router';
import { useState, useSyncExternalStore } from 'react';
import { loadAccess } from '../../../foundation/api/access';
import { isReachable, onReach } from '../../../foundation/api/reach';
import { BackHeader } from '../../../foundation/kit/BackHeader';
import { Button } from '../../../foundation/kit/Button';
import { Notice } from '../../../foundation/kit/Notice';
import { Screen } from '../../../foundation/kit/Screen';
import { Text } from '../../../foundation/kit/Text';
import { strings } from '../../../foundation/strings';
import { troubleWords as words } from '../../../foundation/strings/trouble';
import { Causes } from './Causes';

/** Why the studio may not answer, and that one can go on. */
export function TroubleScreen() {
  const reachable = useSyncExternalStore(onReach, isReachable);
  const [busy, setBusy] = useState(false);
  const again = async () => {
    setBusy(true);
    await loadAccess().catch(() => undefined);
    setBusy(false);
  };
  return (
    <Screen
      footer={
        <Button
          label={reachable ? strings.notFound.home : busy ? words.trying : words.again}
          primary
          busy={busy}
          onPress={() => (reachable ? router.dismissTo('/') : void again())}
          style={{ flex: 1 }}
        />
      }
    >
      <BackHeader title={words.title} backLabel={strings.nav.back} onBack="/" />
      {reachable ? (
        <Notice tone="in">{words.back}</Notice>
      ) : (
        <>
          <Text>{words.goOn}</Text>
          <Causes />
        </>
      )}
    </Screen>
  );
}
