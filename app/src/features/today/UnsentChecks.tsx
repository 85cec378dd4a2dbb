import { outbox, type Unsent } from '../../api/outbox';
import { sendUnsent, useUnsent } from '../../api/useOutbox';
import { Notice } from '../../kit/Notice';
import { strings } from '../../strings';
import { listWords } from '../../strings/listWords';

const words = strings.today;

/** What this device holds because the studio has not acknowledged it, student by student. */
export function UnsentChecks() {
  const unsent = useUnsent();
  const waiting = unsent.filter(({ refused }) => refused === undefined);
  const refused = unsent.filter((one) => one.refused !== undefined);
  const names = [...new Set(waiting.map(({ studentName }) => studentName))];
  return (
    <>
      {waiting.length > 0 ? (
        <Notice
          title={words.unsentTitle}
          action={{ label: words.sendNow, onPress: () => void sendUnsent() }}
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
      {refused.map((one) => (
        <Notice
          key={one.id}
          tone="out"
          title={words.unsentTitle}
          action={{ label: words.discard, onPress: () => void outbox.discard(one.id) }}
        >
          {words.refused(one.studentName, one.refused ?? '')}
        </Notice>
      ))}
    </>
  );
}

/** "2 looks and 1 note of a lesson". */
function kindWords(unsent: readonly Unsent[]): string {
  return listWords(
    (
      ['check', 'relaxedHand', 'take', 'crossing', 'log'] as const satisfies Unsent['kind'][]
    ).flatMap((kind) => {
      const n = unsent.filter((one) => one.kind === kind).length;
      return n === 0 ? [] : [strings.waiting.kinds[kind](n)];
    }),
  );
}
