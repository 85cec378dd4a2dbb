import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { loadAccess } from '../../foundation/api/access';
import { useAccess, useCurtain } from '../../foundation/api/accessState';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { DoorNotice } from './DoorNotice';
import { FirstRun } from './FirstRun';
import { Locked } from './Locked';
import { Pair } from './Pair';
import { RenewPassphrase } from './RenewPassphrase';
import { SignIn } from './SignIn';
import { Causes } from './trouble/Causes';
import { Asks } from './Asks';
import { doorWords as words } from '../../foundation/strings/door';

/** The code of a one-time link stands behind the #, where no log sees it. It leaves the address once it was read. */
function takeCode(path: string): string | null {
  if (window.location.pathname !== path || window.location.hash.length < 2) return null;
  const code = window.location.hash.slice(1);
  window.history.replaceState(null, '', path);
  return code;
}

/** What somebody sees who is not in, by how this device stands. */
export function Door() {
  const tokens = useTokens();
  return (
    <View style={{ flex: 1, backgroundColor: tokens.ground }}>
      <Inside />
    </View>
  );
}

function Inside() {
  const access = useAccess();
  const curtain = useCurtain();
  const [welcome] = useState(() => takeCode('/welcome'));
  const [pairing] = useState(() => takeCode('/pair'));
  useEffect(() => {
    // A link that is opened over the same page changes nothing but what stands behind the #.
    const onLink = () => window.location.reload();
    window.addEventListener('hashchange', onLink);
    return () => window.removeEventListener('hashchange', onLink);
  }, []);
  useEffect(() => {
    // What was remembered may be older than the code that is brought.
    if (welcome !== null || pairing !== null) void loadAccess().catch(() => undefined);
  }, [welcome, pairing]);
  if (access === null) {
    return (
      <DoorNotice title={words.away.title} lines={[words.away.text]}>
        <Causes />
      </DoorNotice>
    );
  }
  if (curtain && access.me) return <Locked access={access} isCurtain={access.standing === 'in'} />;
  switch (access.standing) {
    case 'new':
      return welcome === null ? (
        <DoorNotice title={words.noLink.title} lines={[words.noLink.text, words.noLink.used]} />
      ) : (
        <FirstRun code={welcome} />
      );
    case 'unknown':
      if (pairing !== null) return <Pair code={pairing} />;
      return access.device === null ? (
        <DoorNotice title={words.unknown.title} lines={[words.unknown.text]} />
      ) : (
        <DoorNotice title={words.unknown.out} lines={[words.unknown.outText]} />
      );
    case 'asks':
      return <Asks access={access} />;
    case 'locked':
      return <Locked access={access} isCurtain={false} />;
    default:
      return welcome === null ? <SignIn access={access} /> : <RenewPassphrase code={welcome} />;
  }
}
