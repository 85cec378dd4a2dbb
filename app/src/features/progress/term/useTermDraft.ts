import { useCallback, useEffect, useRef, useState } from 'react';
import { z } from 'zod';
import { dateSchema } from '@open-palm/contract/bounds';
import { TERM_READERS, termWordsSchema } from '@open-palm/contract/termPage';
import { PORTRAIT_VIEWS } from '@open-palm/core/portrait/views';
import { studioNow } from '../../../foundation/api/clock';
import { termDrafts } from '../../../foundation/api/drafts';

/** Words are kept as they stand, also where they could not be given yet. */
const looseWords = termWordsSchema.extend({
  title: z.string(),
  opening: z.string(),
  changed: z.array(z.string()),
  worked: z.array(z.string()),
  practised: z.string().nullable(),
  help: z.string(),
});

const ownWords = z.object({ own: looseWords.partial(), base: looseWords.nullable() });

const choicesSchema = z.object({
  from: dateSchema,
  until: dateSchema,
  reader: z.enum(TERM_READERS),
  view: z.enum(PORTRAIT_VIEWS).nullable(),
  edits: z.partialRecord(z.enum(TERM_READERS), ownWords),
});

/** What was chosen for a page, and what the teacher has written otherwise for each reader: the rest is written from the looks. */
export type TermChoices = z.infer<typeof choicesSchema>;

/** How long changes are gathered before they are written, ms. */
const GATHER_MS = 250;

/** How a page that was begun is kept on this device, and dropped once it was given. */
export interface TermKeeper {
  keep: (choices: TermChoices) => void;
  drop: () => void;
}

/** A page that was begun on this device: undefined while it is looked for, null where there is none. */
export function useTermDraft(of: {
  studentId: string;
  setupId: string;
  studentName: string;
}): TermKeeper & { found: TermChoices | null | undefined } {
  const { studentId, setupId, studentName } = of;
  const [found, setFound] = useState<TermChoices | null>();
  const waiting = useRef<{ timer: ReturnType<typeof setTimeout>; write: () => void }>(undefined);
  useEffect(() => {
    termDrafts
      .find({ studentId, setupId })
      .then((stored) => {
        const read = choicesSchema.safeParse(stored?.content);
        setFound(read.success ? read.data : null);
      })
      // A browser without storage begins anew.
      .catch(() => setFound(null));
  }, [studentId, setupId]);
  const flush = useCallback(() => {
    const { timer, write } = waiting.current ?? {};
    clearTimeout(timer);
    waiting.current = undefined;
    write?.();
  }, []);
  useEffect(() => {
    window.addEventListener('pagehide', flush);
    return () => {
      window.removeEventListener('pagehide', flush);
      flush();
    };
  }, [flush]);
  const keep = useCallback(
    (choices: TermChoices) => {
      clearTimeout(waiting.current?.timer);
      const write = () => {
        const at = studioNow().toISOString();
        const draft = { studentId, setupId, studentName, at, content: choices };
        termDrafts.keep(draft).catch(() => undefined);
      };
      waiting.current = { write, timer: setTimeout(flush, GATHER_MS) };
    },
    [studentId, setupId, studentName, flush],
  );
  const drop = useCallback(() => {
    clearTimeout(waiting.current?.timer);
    waiting.current = undefined;
    termDrafts.drop({ studentId, setupId }).catch(() => undefined);
  }, [studentId, setupId]);
  return { found, keep, drop };
}
