import { router, type Href } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { studioNow } from '../../foundation/api/clock';
import { sync } from '../../foundation/api/sync';
import type { Entry } from '../../foundation/api/sync/entry';
import { Button } from '../../foundation/kit/Button';
import { Card } from '../../foundation/kit/Card';
import { Notice } from '../../foundation/kit/Notice';
import { saveFile } from '../../foundation/kit/saveFile';
import { Text } from '../../foundation/kit/Text';
import { space } from '../../foundation/kit/tokens';
import { agoWords } from '../../foundation/strings/dateWords';
import { waitingWords as words } from '../../foundation/strings/waiting';
import { MendFields } from './MendFields';
import { isMendable } from './mendableFields';
import { contentLines, saidWords, titleOf } from './entryWords';
import { entryFile } from './entryFile';

/** Something that the studio did not take: what it said, what is in it, and the ways out. Nothing goes by itself. */
export function StoppedCard({ entry, onDiscard }: { entry: Entry; onDiscard: () => void }) {
  const [reads, setReads] = useState(false);
  const [mends, setMends] = useState(false);
  const [busy, setBusy] = useState(false);
  const mend = mendingOf(entry);
  const again = async () => {
    setBusy(true);
    await sync.again(entry).finally(() => setBusy(false));
  };
  const save = async () => {
    const { blob, name } = await entryFile(entry);
    saveFile(blob, name);
  };
  return (
    <Card style={{ gap: space(2) }}>
      <View>
        <Text variant="strong" level={2}>
          {titleOf(entry)}
        </Text>
        <Text variant="small" second>
          {words.madeAt(agoWords(entry.at, studioNow()))}
        </Text>
      </View>
      <Notice tone="out">{words.said(saidWords(entry.stop?.message ?? ''))}</Notice>
      {mend ? (
        <Button
          label={mend.label}
          icon="pencil"
          primary
          onPress={() => router.navigate(mend.to as Href)}
        />
      ) : null}
      {isMendable(entry) && !mends ? (
        <Button label={words.mend.here} icon="pencil" primary onPress={() => setMends(true)} />
      ) : null}
      {isMendable(entry) && mends ? <MendFields entry={entry} /> : null}
      <View style={{ flexDirection: 'row', gap: space(2), flexWrap: 'wrap' }}>
        {mends ? null : (
          <Button
            label={words.again}
            icon="send"
            compact
            busy={busy}
            onPress={() => void again()}
          />
        )}
        <Button label={words.save} icon="download" compact onPress={() => void save()} />
        <Button label={words.discard} icon="delete-outline" compact onPress={onDiscard} />
      </View>
      <Button
        label={words.contents}
        icon={reads ? 'chevron-up' : 'chevron-down'}
        compact
        onPress={() => setReads(!reads)}
      />
      {reads
        ? [
            ...contentLines(entry),
            ...(entry.pictures.length > 0 ? [words.pictures(entry.pictures.length)] : []),
          ].map((line) => (
            <Text key={line} variant="small">
              {line}
            </Text>
          ))
        : null}
    </Card>
  );
}

/** The screen on which an entry can be changed; what has none is put right in place. */
function mendingOf(entry: Entry): { label: string; to: string } | null {
  switch (entry.kind) {
    case 'student':
      return { label: words.mend.student, to: `/students/${entry.id}/edit` };
    case 'letter':
      return { label: words.mend.letter, to: `/checks/${entry.id}/feedback` };
    case 'hold':
      return { label: words.mend.hold, to: `/holds/edit?hold=${entry.id}` };
    case 'check': {
      const { studentId, setupId } = entry.body;
      const to = `/students/${studentId}/check?setup=${setupId}&from=${entry.id}`;
      return { label: words.mend.check, to };
    }
    default:
      return null;
  }
}
