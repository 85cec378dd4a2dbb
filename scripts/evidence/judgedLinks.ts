import { CAUSES, SIGNS } from '@open-palm/core/judge';
import numbers from '../../core/judge/data/numbers.json';
import { evidenceOf, type EvidenceRow } from './evidenceRow';

/** Which causes show which signs. That they do has the evidence of the cause; how surely, by rank, is from memory for all. */
export const judgedLinks = (): EvidenceRow[] =>
  CAUSES.flatMap(({ id, signs, standing }) =>
    signs.map(({ sign, rank }) => ({
      what: `${id} → ${sign}`,
      value: String(numbers.linkByRank[rank - 1]),
      ...evidenceOf(standing),
      used: 'core/judge/noisyOr.ts',
      decides: 'how much a sign speaks for a cause; the number itself is from memory',
    })),
  );

/** From when on a sign is there. */
export const signLimits = (): EvidenceRow[] =>
  SIGNS.flatMap(({ id, from, standing }) =>
    'beyond' in from && from.beyond !== undefined
      ? [
          {
            what: id,
            value: String(from.beyond),
            ...evidenceOf(standing),
            used: 'core/judge/findings.ts',
            decides: 'from which value on the sign is there',
          },
        ]
      : [],
  );
