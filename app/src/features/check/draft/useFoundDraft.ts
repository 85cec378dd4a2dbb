import { useEffect, useState } from 'react';
import { drafts } from '../../../foundation/api/drafts';
import { restored, type CheckDraft } from './checkDraft';

/** The unfinished look of a student on an instrument: undefined while it is looked for, null where there is none. */
export function useFoundDraft(studentId: string, setupId: string): CheckDraft | null | undefined {
  const [found, setFound] = useState<CheckDraft | null>();
  useEffect(() => {
    drafts
      .find({ studentId, setupId })
      .then((stored) => setFound(restored(stored?.content, (blob) => URL.createObjectURL(blob))))
      // A browser without storage begins anew.
      .catch(() => setFound(null));
  }, [studentId, setupId]);
  return found;
}
