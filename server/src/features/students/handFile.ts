import type { DatedMeasure, HandFile, StudentListItem } from '@open-palm/contract';
import { familyStandings, MEASURE_IDS, type GripContacts } from '@open-palm/core/measure';
import { FINGERS } from '@open-palm/core/hand';

/** What was last seen of a hold, put together from its newest checks: no one picture shows everything. */
export function lastSeenOf(newest: readonly DatedMeasure[]): HandFile['lastSeen'] {
  const ordered = MEASURE_IDS.map((id) => newest.filter(({ measure }) => measure.id === id));
  return ordered.flatMap(([latest, previous]) =>
    latest ? [{ latest, previous: previous ?? null }] : [],
  );
}

/** Each contact from the newest check that shows it. */
export function mergeContacts(newestFirst: readonly GripContacts[]): GripContacts {
  const firstSeen = <T>(pick: (contacts: GripContacts) => T | null): T | null => {
    for (const contacts of newestFirst) {
      const seen = pick(contacts);
      if (seen !== null) return seen;
    }
    return null;
  };
  const fingers = {} as GripContacts['fingers'];
  for (const finger of FINGERS) fingers[finger] = firstSeen((c) => c.fingers[finger]);
  return { thumbXMm: firstSeen((c) => c.thumbXMm), fingers };
}

/** The standing of the four families over the newest value of every measure. */
export const standingsOf = (newest: readonly DatedMeasure[]): HandFile['standings'] =>
  familyStandings(lastSeenOf(newest).map(({ latest }) => latest.measure));

/** A student's line in the list, from the newest values. */
export function listItem(
  student: StudentListItem['student'],
  newest: readonly DatedMeasure[],
  contacts: readonly { takenAt: string; contacts: GripContacts }[],
): StudentListItem {
  const measures = newest.map(({ measure }) => measure);
  const thumb = measures.find(({ id }) => id === 'thumbIpFlexion');
  return {
    student,
    lastCheckAt: contacts[0]?.takenAt ?? null,
    standings: standingsOf(newest),
    contacts: mergeContacts(contacts.map((seen) => seen.contacts)),
    thumbIpFlexionDeg: thumb?.kind === 'number' ? thumb.value : null,
    verdicts: Object.fromEntries(measures.map(({ id, verdict }) => [id, verdict])),
  };
}
