import useSWR from 'swr';
import { phonesAnswerSchema, visitorsSchema } from '@open-palm/contract/access';
import { ask } from '../../foundation/api/client';
import { paths } from '../../foundation/api/paths';

/** How often it is asked who stands at the door, ms. */
const ASKED_MS = 2000;

/** Who and what has come in, kept up while somebody looks. */
export function useVisitors() {
  const { data, error, mutate } = useSWR(
    paths.access('visitors'),
    (path: string) => ask(visitorsSchema, path),
    { refreshInterval: ASKED_MS },
  );
  return { data, error: error as Error | undefined, retry: () => void mutate() };
}

/** How phones reach the studio, kept up while somebody looks. */
export function usePhones() {
  const { data, error, mutate } = useSWR(
    paths.access('phones'),
    (path: string) => ask(phonesAnswerSchema, path),
    { refreshInterval: ASKED_MS },
  );
  return { data, error: error as Error | undefined, retry: () => void mutate() };
}
