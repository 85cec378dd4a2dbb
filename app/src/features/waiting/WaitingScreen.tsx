import { useState } from 'react';
import { View } from 'react-native';
import { studioNow } from '../../foundation/api/clock';
import { useStudioState } from '../../foundation/api/queries';
import { sync } from '../../foundation/api/sync';
import { isWaiting, type Entry } from '../../foundation/api/sync/entry';
import { hasArrived } from '../../foundation/api/sync/needs';
import { useElsewhere, useEntries } from '../../foundation/api/sync/useSync';
import { isOfThisStudio } from '../../foundation/api/whichStudio';
import { BackHeader } from '../../foundation/kit/BackHeader';
import { Button } from '../../foundation/kit/Button';
import { Card } from '../../foundation/kit/Card';
import { Notice } from '../../foundation/kit/Notice';
import { Screen } from '../../foundation/kit/Screen';
import { Text } from '../../foundation/kit/Text';
import { space } from '../../foundation/kit/tokens';
import { strings } from '../../foundation/strings';
import { agoWords } from '../../foundation/strings/dateWords';
import { waitingWords as words } from '../../foundation/strings/waiting';
import { ConflictCard } from './ConflictCard';
import { StoppedCard } from './StoppedCard';
import { titleOf } from './entryWords';
import { TakeAlong } from './TakeAlong';

/** What is on this device alone: what is on its way, what stopped, and what was changed in two places. */
export function WaitingScreen() {
  const entries = useEntries();
  const elsewhere = useElsewhere();
  const foreign = elsewhere.filter(({ studio }) => !isOfThisStudio(studio));
  const others = elsewhere.length - foreign.length;
  const waiting = entries.filter(isWaiting);
  const conflicts = entries.filter(({ conflict }) => conflict);
  const stopped = entries.filter(({ stop, conflict }) => stop && !conflict);
  const [gone, setGone] = useState<Entry | null>(null);
  const [sending, setSending] = useState(false);
  const sendNow = async () => {
    setSending(true);
    await sync.hurry().finally(() => setSending(false));
  };
  return (
    <Screen
      {...(waiting.length > 0
        ? {
            footer: (
              <Button
                label={sending ? words.sending : words.sendNow}
                icon="send"
                primary
                busy={sending}
                onPress={() => void sendNow()}
                style={{ flex: 1 }}
              />
            ),
          }
        : {})}
    >
      <BackHeader title={words.title} backLabel={strings.nav.back} onBack="/" />
      {gone ? (
        <Notice
          action={{
            label: words.undo,
            onPress: () => {
              void sync.restore(gone);
              setGone(null);
            },
          }}
        >
          {words.discarded(titleOf(gone))}
        </Notice>
      ) : null}
      {entries.length + elsewhere.length === 0 ? <Text>{words.nothing}</Text> : null}
      {foreign.length > 0 ? (
        <Notice title={words.elsewhereTitle}>{words.elsewhere(foreign.length)}</Notice>
      ) : null}
      {others > 0 ? <Notice title={words.othersTitle}>{words.others(others)}</Notice> : null}
      {conflicts.length > 0 ? <Text variant="heading">{words.conflicts}</Text> : null}
      {conflicts.map((entry) => (
        <ConflictCard key={entry.edit} entry={entry} />
      ))}
      {stopped.length > 0 ? <Text variant="heading">{words.stopped}</Text> : null}
      {stopped.map((entry) => (
        <StoppedCard
          key={entry.edit}
          entry={entry}
          onDiscard={() => {
            setGone(entry);
            void sync.discard(entry);
          }}
        />
      ))}
      {waiting.length > 0 ? (
        <>
          <Text variant="heading">{words.waits}</Text>
          <Text variant="small" second>
            {words.waitsHelp}
          </Text>
          {waiting.map((entry) => (
            <WaitingLine key={entry.edit} entry={entry} arrived={hasArrived(entry, entries)} />
          ))}
        </>
      ) : null}
      <TakeAlong entries={entries} />
      <OfTheStudio />
    </Screen>
  );
}

function WaitingLine({ entry, arrived }: { entry: Entry; arrived: boolean }) {
  return (
    <Card>
      <Text variant="strong">{titleOf(entry)}</Text>
      <Text variant="small" second>
        {[
          words.madeAt(agoWords(entry.at, studioNow())),
          arrived ? words.tried(entry.tries) : words.needs,
        ].join(' ')}
      </Text>
    </Card>
  );
}

/** What a person should know of the studio's own files. */
function OfTheStudio() {
  const { data } = useStudioState();
  if (!data) return null;
  const { setAside, missingPictures, pendingLooks, unworkable } = data;
  const lines = [
    ...(setAside ? [words.setAside(setAside.files, setAside.folder)] : []),
    ...(missingPictures > 0 ? [words.missingPictures(missingPictures)] : []),
    ...(unworkable > 0 ? [words.unworkable(unworkable)] : []),
    ...(pendingLooks > 0 ? [words.pendingLooks(pendingLooks)] : []),
  ];
  if (lines.length === 0) return null;
  return (
    <View style={{ gap: space(2) }}>
      <Text variant="heading">{words.studio}</Text>
      {lines.map((line) => (
        <Notice key={line}>{line}</Notice>
      ))}
    </View>
  );
}
