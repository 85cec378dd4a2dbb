import { useEffect, useRef } from 'react';
import { View } from 'react-native';
import { ActivityIndicator } from 'react-native-paper';
import type { RestorePreview } from '@open-palm/contract';
import { bytesWords } from '@open-palm/words/bytes';
import { useAccess } from '../../../foundation/api/accessState';
import { Button } from '../../../foundation/kit/Button';
import { Card } from '../../../foundation/kit/Card';
import { Notice } from '../../../foundation/kit/Notice';
import { Text } from '../../../foundation/kit/Text';
import { space } from '../../../foundation/kit/tokens';
import { backupsWords as words } from '../../../foundation/strings/backups';
import { momentWords } from '../../../foundation/strings/dateWords';
import { partsOf } from './LastBackup';
import type { useRestore } from './useRestore';

/** How far it is with putting a backup back. */
export function Restoring({ restore }: { restore: ReturnType<typeof useRestore> }) {
  const place = useRef<View>(null);
  const { step } = restore.state;
  useEffect(() => {
    // The button that was touched may stand far below.
    if (step === 'idle') return;
    (place.current as unknown as HTMLElement | null)?.scrollIntoView?.({ block: 'nearest' });
  }, [step]);
  return (
    <View ref={place} style={step === 'idle' ? { display: 'none' } : {}}>
      <Step restore={restore} />
    </View>
  );
}

function Step({ restore: { state, accept, dismiss } }: { restore: ReturnType<typeof useRestore> }) {
  switch (state.step) {
    case 'idle':
      return null;
    case 'looking':
      return <Working text={words.looking} help={words.lookingHelp} />;
    case 'shown':
      return (
        <Preview preview={state.preview} onYes={() => void accept(state.preview)} onNo={dismiss} />
      );
    case 'failed':
      return (
        <Notice tone="out" title={words.notBack}>
          {state.problem}
        </Notice>
      );
    case 'done':
      return (
        <Notice
          tone="in"
          title={words.isBack(momentWords(state.madeAt))}
          action={{ label: words.open, onPress: () => window.location.assign('/') }}
        >
          {state.aside === null ? words.setAside : words.asideIn(state.aside)}
        </Notice>
      );
    default:
      return <Working text={words.steps[state.step]} />;
  }
}

function Working({ text, help }: { text: string; help?: string }) {
  return (
    <Card style={{ flexDirection: 'row', gap: space(3), alignItems: 'center' }}>
      <ActivityIndicator />
      <View role="status" style={{ flex: 1 }}>
        <Text variant="strong">{text}</Text>
        {help === undefined ? null : (
          <Text variant="small" second>
            {help}
          </Text>
        )}
      </View>
    </Card>
  );
}

/** What a backup holds, before anything is changed. */
function Preview({
  preview: { madeAt, bytes, studio, isOurs, holds, since },
  onYes,
  onNo,
}: {
  preview: RestorePreview;
  onYes: () => void;
  onNo: () => void;
}) {
  const isOpen = useAccess()?.standing === 'open';
  const { students, looks, pictures } = holds;
  const inIt = [words.students(students), ...partsOf({ looks, pictures }), bytesWords(bytes)];
  const lost = partsOf(since).join(', ');
  return (
    <Card style={{ gap: space(2) }}>
      <View role="status" style={{ gap: space(1) }}>
        <Text variant="heading">{words.asks(momentWords(madeAt))}</Text>
        <Text>{words.isWhole(inIt.join(', '))}</Text>
        {isOurs ? (
          <Text>{lost === '' ? words.nothingLost : words.lost(lost)}</Text>
        ) : (
          <Notice>{words.isOther(studio.name ?? words.noName)}</Notice>
        )}
        <Text variant="small" second>
          {[words.setAside, ...(isOpen ? [] : [words.signIn])].join(' ')}
        </Text>
      </View>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: space(2) }}>
        <Button label={words.no} onPress={onNo} style={{ flexGrow: 1 }} />
        <Button label={words.yes} icon="restore" onPress={onYes} style={{ flexGrow: 1 }} />
      </View>
    </Card>
  );
}
