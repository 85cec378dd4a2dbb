import { useEffect, useState, useSyncExternalStore } from 'react';
import { Button } from '../kit/Button';
import { NewsBar } from '../kit/NewsBar';
import { binWords as words } from '../strings/bin';
import { bringBack, dismissRemoved, lastRemoved, onRemoved } from './bin';

/** Long enough to read it, find the button and touch it; after that it is brought back from its own screen. */
const SHOWN_MS = 20_000;

/** Above every screen, after something was removed: what, and the way back. */
export function RemovedBar() {
  const item = useSyncExternalStore(onRemoved, lastRemoved);
  const [failed, setFailed] = useState<{ id: string; why: string } | null>(null);
  useEffect(() => {
    if (item === null) return;
    const timer = setTimeout(dismissRemoved, SHOWN_MS);
    return () => clearTimeout(timer);
  }, [item]);
  if (item === null) return null;
  return (
    <NewsBar
      text={failed?.id === item.id ? failed.why : words.removed[item.kind](item.studentName)}
    >
      <Button
        label={words.undo}
        compact
        quiet
        onPress={() =>
          void bringBack(item.id).catch((reason: unknown) =>
            setFailed({
              id: item.id,
              why: reason instanceof Error ? reason.message : String(reason),
            }),
          )
        }
      />
    </NewsBar>
  );
}
