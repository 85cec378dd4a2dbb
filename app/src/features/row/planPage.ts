import { escaped } from '@open-palm/card/page';
import type { KeptGroup } from '@open-palm/contract';
import { strings } from '../../foundation/strings';
import { dayWords } from '../../foundation/strings/dateWords';
import { rowWords } from '../../foundation/strings/row';
import { studioNow } from '../../foundation/api/clock';
import { faultTitle } from './faultWords';
import type { Player, Standing } from './room';
import { seatRows } from './seatRows';
import type { RoomReading } from './shared';

const words = rowWords.plan;

export const PLAN_CSS = `
.plan { font-family: sans-serif; color: #1e1b16; }
h1 { font-size: 20pt; margin: 0 0 2mm; }
p { margin: 0 0 4mm; font-size: 11pt; }
table { width: 100%; border-collapse: separate; border-spacing: 2mm; table-layout: fixed; }
td { border: 0.4mm solid #8e8674; border-radius: 3mm; padding: 2mm; text-align: center; font-size: 11pt; vertical-align: top; height: 16mm; }
td.free { border-style: dashed; border-color: #e4dac7; }
td small { display: block; font-size: 8.5pt; color: #5a5247; }
td em { display: block; font-style: normal; font-size: 8.5pt; }
.you { text-align: center; font-size: 10pt; margin-top: 4mm; }
ul { margin: 0; padding-left: 5mm; font-size: 11pt; }
`;

/** What only the teacher reads on the paper. */
export interface PlanNotes {
  reading: RoomReading;
  standings: ReadonlyMap<string, Standing>;
}

/** A seat plan as a page of HTML: the room as the teacher sees it. Without notes there is nothing on it but names and instruments. */
export function planPage({
  group,
  players,
  nameOf,
  notes,
}: {
  group: KeptGroup;
  players: readonly Player[];
  nameOf: (player: Player) => string;
  notes: PlanNotes | null;
}): string {
  const { rows, places } = seatRows(players);
  const at = new Map(
    players.flatMap((player) =>
      player.seat ? [[`${player.seat.row} ${player.seat.place}`, player] as const] : [],
    ),
  );
  const cell = (player: Player | undefined) =>
    player
      ? `<td>${escaped(nameOf(player))}<small>${escaped(strings.instruments[player.setup.instrument])}</small>${notes ? noteOf(player, notes) : ''}</td>`
      : '<td class="free"></td>';
  const lines = Array.from({ length: rows }, (_, i) => rows - 1 - i).map(
    (row) =>
      `<tr>${Array.from({ length: places }, (_, place) => cell(at.get(`${row} ${place}`))).join('')}</tr>`,
  );
  const unseated = players.filter(({ seat }) => seat === null);
  return [
    '<div class="plan">',
    `<h1>${escaped(group.name)}</h1>`,
    notes ? `<p>${escaped(words.notesFor(dayWords(studioNow().toISOString())))}</p>` : '',
    `<table>${lines.join('')}</table>`,
    `<p class="you">${escaped(words.teacher)}</p>`,
    unseated.length > 0 ? `<p>${escaped(unseated.map(nameOf).join(', '))}</p>` : '',
    notes ? notesHtml(notes) : '',
    '</div>',
  ].join('');
}

function noteOf({ studentId }: Player, { standings }: PlanNotes): string {
  const { faults, isLookedAt } = standings.get(studentId)!;
  const shown = [...faults].flatMap(([fault, isShown]) => (isShown ? [faultTitle(fault)] : []));
  const legend = rowWords.group.legend;
  const text = shown.length > 0 ? shown.join(', ') : isLookedAt ? legend.in : legend.notSeen;
  return `<em>${escaped(text)}</em>`;
}

/** What the room shares. Who hurts, who is given a minute and who is paired stands on no paper. */
function notesHtml({ reading }: PlanNotes): string {
  const list = (title: string, items: readonly string[]) =>
    items.length === 0
      ? ''
      : `<h2>${escaped(title)}</h2><ul>${items.map((item) => `<li>${escaped(item)}</li>`).join('')}</ul>`;
  return [
    list(
      rowWords.group.shares,
      reading.shared.flatMap(({ count, cues }) => [
        faultTitle(count.fault),
        ...cues.map(({ cue }) => strings.cues[cue] ?? cue),
      ]),
    ),
  ].join('');
}
