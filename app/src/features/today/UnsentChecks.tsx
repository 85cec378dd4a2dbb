import { router } from 'expo-router';
import { sync } from '../../foundation/api/sync';
import { isWaiting, KINDS, type Entry } from '../../foundation/api/sync/entry';
import { useEntries } from '../../foundation/api/sync/useSync';
import { Notice } from '../../foundation/kit/Notice';
import { strings } from '../../foundation/strings';
import { listWords } from '../../foundation/strings/listWords';

const words = strings.today;

/** What this device holds because the studio has not acknowledged it, student by student. */
export function UnsentChecks() {
  const entries = useEntries();
  const waiting = entries.filter(isWaiting);
  const forPerson = entries.length - waiting.length;
  const names = [...new Set(waiting.map(({ studentName }) => studentName))];
  const look = { label: words.lookAtWaiting, onPress: () => router.navigate('/waiting') };
  return (
    <>
      {forPerson > 0 ? (
        <Notice tone="out" title={words.needsYouTitle} action={look}>
          {words.needsYou(forPerson)}
        </Notice>
      ) : null}
      {waiting.length > 0 ? (
        <Notice
          title={words.unsentTitle}
          action={{ label: words.sendNow, onPress: () => void sync.hurry() }}
          further={look}
        >
          {names
            .map((name) =>
              strings.waiting.of(
                kindWords(waiting.filter(({ studentName }) => studentName === name)),
                name,
              ),
            )
            .join('\n')}
        </Notice>
      ) : null}
    </>
  );
}

/** "2 looks and 1 note of a lesson". */
function kindWords(entries: readonly Entry[]): string {
  return listWords(
    KINDS.flatMap((kind) => {
      const n = entries.filter((one) => one.kind === kind).length;
      return n === 0 ? [] : [strings.waiting.kinds[kind](n)];
    }),
  );
}
