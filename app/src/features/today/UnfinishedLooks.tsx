import { useFocusEffect, router } from 'expo-router';
import { useCallback, useState } from 'react';
import { View } from 'react-native';
import { drafts, type StoredDraft } from '../../foundation/api/drafts';
import { PressRow } from '../../foundation/kit/PressRow';
import { Text } from '../../foundation/kit/Text';
import { useArrived, useEntries } from '../../foundation/api/sync/useSync';
import { space } from '../../foundation/kit/tokens';
import { strings } from '../../foundation/strings';
import { agoWords } from '../../foundation/strings/dateWords';

const words = strings.draft;

/** Looks that were begun on this device and not kept yet. */
export function UnfinishedLooks({ now }: { now: Date }) {
  const [stored, setStored] = useState<readonly StoredDraft[]>([]);
  const [entries, arrived] = [useEntries(), useArrived()];
  // What was kept a moment before its page was closed is not unfinished.
  const kept = new Set([...entries, ...arrived].map(({ id }) => id));
  const found = stored.filter(({ content }) => !kept.has(checkIdOf(content)));
  useFocusEffect(
    useCallback(() => {
      drafts
        .all()
        .then(setStored)
        // A browser without storage has none.
        .catch(() => setStored([]));
    }, []),
  );
  if (found.length === 0) return null;
  return (
    <View style={{ gap: space(2) }}>
      <Text variant="heading">{words.title}</Text>
      {found.map(({ studentId, setupId, studentName, at }) => (
        <PressRow
          key={`${studentId} ${setupId}`}
          label={words.open(studentName)}
          onPress={() => router.navigate(`/students/${studentId}/check?setup=${setupId}`)}
        >
          <View style={{ flex: 1, gap: space(1), paddingHorizontal: space(1) }}>
            <Text variant="figure">{studentName}</Text>
            <Text variant="small" second>
              {words.since(agoWords(at, now))}
            </Text>
          </View>
        </PressRow>
      ))}
    </View>
  );
}

/** Under which id a draft's look is kept; its other content belongs to the look. */
const checkIdOf = (content: unknown): string =>
  String((content as { checkId?: string } | null)?.checkId);
