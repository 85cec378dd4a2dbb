import { useState } from 'react';
import { mutate } from 'swr';
import { v7 as uuidv7 } from 'uuid';
import {
  importPreviewSchema,
  importProgressSchema,
  type Correction,
  type DateOrder,
  type ImportPreview,
} from '@open-palm/contract/exchange/preview';
import { post } from '../../../foundation/api/access';
import { ApiProblem, ask } from '../../../foundation/api/client';
import { paths } from '../../../foundation/api/paths';

/** A chosen file with what a person said about it. */
interface Chosen {
  name: string;
  bytes: Uint8Array;
  dateOrder: DateOrder | null;
  corrections: readonly Correction[];
}

export type ImportState =
  | { step: 'idle' }
  | { step: 'reading'; as: string }
  | { step: 'failed'; problem: string }
  | ({ step: 'taking'; as: string; preview: ImportPreview } & Chosen)
  | ({ step: 'shown' | 'done'; preview: ImportPreview } & Chosen);

/** A file on its way into the studio: read, shown, corrected, and taken when a person says so. */
export function useImport() {
  const [state, setState] = useState<ImportState>({ step: 'idle' });
  const look = async (chosen: Chosen) => {
    const as = uuidv7();
    setState({ step: 'reading', as });
    try {
      setState({ step: 'shown', ...chosen, preview: await send('preview', as, chosen) });
    } catch (error) {
      setState(isCancelled(error) ? { step: 'idle' } : failedBy(error));
    }
  };
  const shown = 'preview' in state ? state : null;
  return {
    state,
    async open(file: File) {
      const bytes = new Uint8Array(await file.arrayBuffer());
      await look({ name: file.name, bytes, dateOrder: null, corrections: [] });
    },
    /** The same file with some more of its cells written anew. */
    async correct(corrections: readonly Correction[]) {
      if (shown) await look({ ...shown, corrections: [...shown.corrections, ...corrections] });
    },
    async tellDateOrder(dateOrder: DateOrder) {
      if (shown) await look({ ...shown, dateOrder });
    },
    async accept() {
      if (!shown) return;
      const as = uuidv7();
      setState({ ...shown, step: 'taking', as });
      try {
        const preview = await send(shown.preview.sha256, as, shown);
        setState({ ...shown, preview, step: preview.done ? 'done' : 'shown' });
        await mutate((key) => typeof key === 'string' && key.startsWith('/api/'));
      } catch (error) {
        setState(isCancelled(error) ? { ...shown, step: 'shown' } : failedBy(error));
      }
    },
    /** Ends what is under way; whether it was in time is told by how that ends. */
    async cancel() {
      if ('as' in state) {
        await post(importProgressSchema, paths.importCancel(state.as)).catch(() => undefined);
      }
    },
  };
}

const send = (what: string, as: string, { bytes, dateOrder, corrections }: Chosen) =>
  ask(
    importPreviewSchema,
    paths.importOf(what, {
      as,
      ...(dateOrder === null ? {} : { dateOrder }),
      ...(corrections.length === 0 ? {} : { corrections: JSON.stringify(corrections) }),
    }),
    {
      method: 'POST',
      headers: { 'Content-Type': 'application/octet-stream' },
      body: bytes as BodyInit,
    },
  );

const isCancelled = (error: unknown): boolean =>
  error instanceof ApiProblem && error.code === 'cancelled';

const failedBy = (error: unknown): ImportState => ({
  step: 'failed',
  problem: error instanceof Error ? error.message : String(error),
});
