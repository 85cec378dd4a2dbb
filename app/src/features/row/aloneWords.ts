import type { Alone } from '@open-palm/core/row';
import { rowWords } from '../../foundation/strings/row';
import { faultTitle } from './faultWords';

/** Why somebody needs a minute alone. */
export function aloneWords({ reason }: Alone): string {
  const { pain, unseen } = rowWords.group.reasons;
  switch (reason.kind) {
    case 'pain':
      return pain;
    case 'fault':
      return faultTitle(reason.fault);
    case 'unseen':
      return unseen(reason.days);
  }
}
