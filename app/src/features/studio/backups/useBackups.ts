import useSWR from 'swr';
import { backupStateSchema } from '@open-palm/contract/backup';
import { ask } from '../../../foundation/api/client';
import { paths } from '../../../foundation/api/paths';

/** How soon it is asked again while a backup is being made, ms. */
const ASKED_MS = 700;

/** How it stands with the studio's backups. */
export function useBackups() {
  const { data, error, mutate } = useSWR(
    paths.backups,
    (path: string) => ask(backupStateSchema, path),
    { refreshInterval: (latest) => (latest?.isBusy ? ASKED_MS : 0) },
  );
  return { data, error: error as Error | undefined, retry: () => void mutate() };
}
