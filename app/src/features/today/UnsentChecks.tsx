import { sendUnsent, useUnsent } from '../../api/useOutbox';
import { outbox } from '../../api/outbox';
import { Notice } from '../../kit/Notice';
import { strings } from '../../strings';

const words = strings.today;

/** What this device holds because the studio has not acknowledged it. */
export function UnsentChecks() {
  const unsent = useUnsent();
  const waiting = unsent.filter((check) => check.refused === undefined);
  const refused = unsent.filter((check) => check.refused !== undefined);
  return (
    <>
      {waiting.length > 0 ? (
        <Notice
          title={words.unsentTitle}
          action={{ label: words.sendNow, onPress: () => void sendUnsent() }}
        >
          {words.unsent(waiting.length)}
        </Notice>
      ) : null}
      {refused.map((check) => (
        <Notice
          key={check.id}
          tone="out"
          title={words.unsentTitle}
          action={{ label: words.discard, onPress: () => void outbox.discard(check.id) }}
        >
          {words.refused(check.studentName, check.refused ?? '')}
        </Notice>
      ))}
    </>
  );
}
