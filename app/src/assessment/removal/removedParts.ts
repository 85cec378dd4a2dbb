import type { RemovableKind, RemovedCounts } from '@open-palm/contract';
import { binWords as words } from '../../foundation/strings/bin';
import { listWords } from '../../foundation/strings/listWords';

const PARTS = ['looks', 'pictures', 'takes', 'letters', 'notes'] as const;
/** What a thing is itself is not told as going with it. */
const ITSELF: Partial<Record<RemovableKind, (typeof PARTS)[number]>> = {
  check: 'looks',
  take: 'takes',
  letter: 'letters',
  picture: 'pictures',
};

/** What goes with something that is removed, in words; empty where nothing does. */
export const removedParts = (kind: RemovableKind, holds: RemovedCounts): string =>
  listWords(
    PARTS.flatMap((part) =>
      holds[part] > 0 && ITSELF[kind] !== part ? [words[part](holds[part])] : [],
    ),
  );
