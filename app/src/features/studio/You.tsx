import { useState } from 'react';
import { View } from 'react-native';
import type { Access, Person } from '@open-palm/contract';
import { changePassphrase, signOut } from '../../foundation/api/access';
import { drafts, termDrafts } from '../../foundation/api/drafts';
import { lockScreen } from '../../foundation/api/lockScreen';
import { useEntries } from '../../foundation/api/sync/useSync';
import { Button } from '../../foundation/kit/Button';
import { Card } from '../../foundation/kit/Card';
import { isLongEnough, NewPassphrase } from '../../foundation/kit/NewPassphrase';
import { Notice } from '../../foundation/kit/Notice';
import { PassphraseField } from '../../foundation/kit/PassphraseField';
import { Text } from '../../foundation/kit/Text';
import { space } from '../../foundation/kit/tokens';
import { letInWords } from '../../foundation/strings/letIn';

const words = letInWords.home;

/** Who is signed in here, and what they can do about it. */
export function You({ access, me }: { access: Access; me: Person }) {
  const [changes, setChanges] = useState(false);
  return (
    <Card style={{ gap: space(3) }}>
      <View>
        <Text variant="figure">{words.you(me.name)}</Text>
        <Text variant="small" second>
          {words.roles[me.role]}
        </Text>
      </View>
      {access.hasPassphrase ? null : <Notice>{words.noPassphrase}</Notice>}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: space(2) }}>
        {access.hasPassphrase ? (
          <Button
            label={words.lock}
            icon="lock-outline"
            compact
            onPress={() => void lockScreen()}
            style={{ flexGrow: 1 }}
          />
        ) : null}
        <SignOut />
      </View>
      {changes ? (
        <ChangePassphrase hasOne={access.hasPassphrase} />
      ) : (
        <Button
          label={access.hasPassphrase ? words.passphrase : words.setPassphrase}
          quiet
          onPress={() => setChanges(true)}
        />
      )}
    </Card>
  );
}

/** Signing out leaves nothing of students on the device but what is not sent yet, and tells of that first. */
function SignOut() {
  const entries = useEntries();
  const [kept, setKept] = useState<number | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const leave = async () => {
    setProblem(null);
    try {
      await signOut();
      window.location.replace('/');
    } catch (error) {
      setProblem(error instanceof Error ? error.message : String(error));
    }
  };
  const ask = async () => {
    const unfinished = await Promise.all([drafts.all(), termDrafts.all()]);
    const count = entries.length + unfinished.flat().length;
    if (count === 0) await leave();
    else setKept(count);
  };
  if (kept === null) {
    return (
      <>
        <Button
          label={words.signOut}
          icon="logout"
          compact
          onPress={() => void ask()}
          style={{ flexGrow: 1 }}
        />
        {problem === null ? null : <Notice tone="out">{problem}</Notice>}
      </>
    );
  }
  return (
    <View style={{ width: '100%', gap: space(2) }}>
      <Notice
        action={{ label: words.stay, onPress: () => setKept(null) }}
        further={{ label: words.signOutNow, onPress: () => void leave() }}
      >
        {words.signOutWaits(kept)}
      </Notice>
      {problem === null ? null : <Notice tone="out">{problem}</Notice>}
    </View>
  );
}

function ChangePassphrase({ hasOne }: { hasOne: boolean }) {
  const [current, setCurrent] = useState('');
  const [next, setNext] = useState('');
  const [state, setState] = useState<{ done?: true; problem?: string; busy?: true }>({});
  const change = async () => {
    setState({ busy: true });
    try {
      await changePassphrase(hasOne ? current : null, next);
      setCurrent('');
      setNext('');
      setState({ done: true });
    } catch (error) {
      setState({ problem: error instanceof Error ? error.message : String(error) });
    }
  };
  return (
    <View style={{ gap: space(3) }}>
      {hasOne ? (
        <PassphraseField label={words.current} value={current} onChange={setCurrent} />
      ) : null}
      <NewPassphrase label={words.next} value={next} onChange={setNext} />
      {state.problem === undefined ? null : <Notice tone="out">{state.problem}</Notice>}
      {state.done ? <Notice tone="in">{words.changed}</Notice> : null}
      <Button
        label={words.change}
        busy={state.busy ?? false}
        disabled={!isLongEnough(next) || (hasOne && current === '')}
        onPress={() => void change()}
      />
    </View>
  );
}
