import { rowFault } from '@open-palm/core/row/rowData';
import { strings } from '../../foundation/strings';
import { rowWords } from '../../foundation/strings/row';

/** What a fault is called: by its own words, or by those of its one sign. */
export function faultWords(fault: string): string {
  const [sign] = rowFault(fault)?.signs ?? [];
  return rowWords.faults[fault] ?? strings.signs[sign ?? ''] ?? fault;
}

/** The same at the beginning of a line. */
export const faultTitle = (fault: string): string => {
  const words = faultWords(fault);
  return words.charAt(0).toUpperCase() + words.slice(1);
};
