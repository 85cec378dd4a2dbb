import { useEffect, useMemo, useRef } from 'react';
import { drafts } from '../../../foundation/api/drafts';
import { storable, type CheckDraft } from './checkDraft';
import { studioNow } from '../../../foundation/api/clock';

/** How long changes are gathered before they are written, ms: a drag is one change. */
const GATHER_MS = 200;

/** Keeps an unfinished look on this device while it changes. */
export function useDraftKeeper(of: { studentId: string; setupId: string; studentName: string }) {
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const latest = useRef<CheckDraft | null>(null);
  const { studentId, setupId, studentName } = of;
  const keeper = useMemo(() => {
    const write = () => {
      clearTimeout(timer.current);
      const draft = latest.current;
      latest.current = null;
      if (!draft) return;
      const at = studioNow().toISOString();
      // A browser without storage keeps nothing; the look itself goes on.
      drafts
        .keep({ studentId, setupId, studentName, at, content: storable(draft) })
        .catch(() => undefined);
    };
    return {
      write,
      keep(draft: CheckDraft) {
        latest.current = draft;
        clearTimeout(timer.current);
        timer.current = setTimeout(write, GATHER_MS);
      },
      async drop() {
        latest.current = null;
        clearTimeout(timer.current);
        await drafts.drop({ studentId, setupId }).catch(() => undefined);
      },
    };
  }, [studentId, setupId, studentName]);
  useEffect(() => {
    window.addEventListener('pagehide', keeper.write);
    return () => {
      window.removeEventListener('pagehide', keeper.write);
      keeper.write();
    };
  }, [keeper]);
  return keeper;
}
