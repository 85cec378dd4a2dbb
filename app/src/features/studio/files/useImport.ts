import { useState } from 'react';
import { mutate } from 'swr';
import {
  importPreviewSchema,
  type Correction,
  type DateOrder,
  type ImportPreview,
} from '@open-palm/contract/exchange/preview';
import { ask } from '../../../foundation/api/client';
import { paths } from '../../../foundation/api/paths';

/** A chosen file with what a person said about it. */
interface Chosen {
  name: string;
  bytes: Uint8Array;
  dateOrder: DateOrder | null;
  corrections: readonly Correction[];
}

export type ImportState =
  | { step: 'idle' | 'reading' }
  | { step: 'failed'; problem: string }
  | ({ step: 'shown' | 'taking' | 'done'; preview: ImportPreview } & Chosen);

/** A file on its way into the studio: read, shown, corrected, and taken when a person says so. */
export function useImport() {
  const [state, setState] = useState<ImportState>({ step: 'idle' });
  const look = async (chosen: Chosen) => {
    setState({ step: 'reading' });
    try {
      setState({ step: 'shown', ...chosen, preview: await send('preview', chosen) });
    } catch (error) {
      setState({ step: 'failed', problem: messageOf(error) });
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
      setState({ ...shown, step: 'taking' });
      try {
        const preview = await send(shown.preview.sha256, shown);
        setState({ ...shown, preview, step: preview.done ? 'done' : 'shown' });
        await mutate((key) => typeof key === 'string' && key.startsWith('/api/'));
      } catch (error) {
        setState({ step: 'failed', problem: messageOf(error) });
      }
    },
  };
}

const send = (what: string, { bytes, dateOrder, corrections }: Chosen) =>
  ask(
    importPreviewSchema,
    paths.importOf(what, {
      ...(dateOrder === null ? {} : { dateOrder }),
      ...(corrections.length === 0 ? {} : { corrections: JSON.stringify(corrections) }),
    }),
    {
      method: 'POST',
      headers: { 'Content-Type': 'application/octet-stream' },
      body: bytes as BodyInit,
    },
  );

const messageOf = (error: unknown): string =>
  error instanceof Error ? error.message : String(error);
