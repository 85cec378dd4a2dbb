import type { ContactName } from '@open-palm/core/balance';
import type { ChartLine } from '../../foundation/charts/lineChartProps';
import type { Tokens } from '../../foundation/kit/tokens';
import { markText } from './contactMark';

/** How a contact's line is drawn: by its mark and its dashes; the colour only helps. */
export function contactLine(
  contact: ContactName,
  tokens: Tokens,
): Pick<ChartLine, 'id' | 'mark' | 'color' | 'dash'> {
  const look: Record<ContactName, { color: string; dash?: string }> = {
    thumb: { color: tokens.inkSecond, dash: '7 4' },
    index: { color: tokens.amber },
    middle: { color: tokens.unsure, dash: '2 3' },
    ring: { color: tokens.in, dash: '9 3 2 3' },
    little: { color: tokens.out },
    web: { color: tokens.ink, dash: '3 3' },
  };
  return { id: contact, mark: markText(contact), ...look[contact] };
}
