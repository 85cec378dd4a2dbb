import { bandFor, type Hold } from '../holds';
import { findingsOf, SIGNS, signsOf } from '../judge';
import {
  findTapIssues,
  specOf,
  tapMeasure,
  type Family,
  type MeasureId,
  type Tap,
} from '../measure';
import { faultOfSign, ROW_FAULTS, rowFault, type RowFault } from './rowData';
import { standingMarks, type RowMark } from './rowMark';

/** What was seen of one player, as answers of a look; nothing of it where nobody looked. */
export interface PlayerSeen {
  isAbsent: boolean;
  /** Whether anything at all was said of the hold. */
  isLookedAt: boolean;
  taps: Tap[];
  signs: Record<string, boolean>;
  /** When something was last said of the hold, ISO; null where nothing was. */
  at: string | null;
}

/**
 * What a walk's marks say of one player. Untouched is not looked at; of a fault that was seen its absence, said by the way, counts no
 * more; and of what was answered twice the later answer counts.
 *
 * @param marks of this player, in the order in which they were made
 * @param hold as it is meant for the player
 */
export function playerSeen(marks: readonly RowMark[], hold: Hold): PlayerSeen {
  const standing = standingMarks(marks);
  const taps = new Map<string, Tap>();
  const shown = new Set<string>();
  for (const mark of standing) {
    // A hold that was changed since may not ask it any more: the mark stays, and says nothing.
    if (mark.kind === 'tap' && findTapIssues([mark.tap], hold).length === 0) {
      taps.set(mark.tap.measure, mark.tap);
    }
    if (mark.kind === 'sign') shown.add(mark.sign);
  }
  const signs: Record<string, boolean> = Object.fromEntries([...shown].map((sign) => [sign, true]));
  const answered = faultsSeen({ taps: [...taps.values()], signs }, hold);
  for (const mark of standing) {
    if (mark.kind !== 'without' || answered.get(mark.fault)) continue;
    for (const sign of signsOn(mark.fault, hold)) signs[sign] ??= false;
  }
  if (standing.some(({ kind }) => kind === 'fine')) {
    for (const { id } of offeredFaults(hold)) {
      if (!answered.get(id)) sayFine(id, hold, { taps, signs });
    }
  }
  const said = standing.filter(({ kind }) => kind !== 'absent');
  const last = standing.at(-1);
  return {
    // Whoever came late and was looked at is there.
    isAbsent: last?.kind === 'absent',
    isLookedAt: taps.size > 0 || Object.keys(signs).length > 0,
    taps: [...taps.values()],
    signs,
    at: said.at(-1)?.at ?? null,
  };
}

/** The signs of a fault that a hold can show. */
export const signsOn = (fault: string, hold: Hold): readonly string[] =>
  shownBy(hold).get(fault) ?? [];

/** Faults that an eye sees in passing on this hold: "fine" speaks of these. */
export const offeredFaults = (hold: Hold): readonly RowFault[] =>
  ROW_FAULTS.filter(({ id, offered }) => offered === true && shownBy(hold).has(id));

/** What each hold can show does not change, and is asked for every player of every walk. */
const SHOWN = new WeakMap<Hold, ReadonlyMap<string, readonly string[]>>();

function shownBy(hold: Hold): ReadonlyMap<string, readonly string[]> {
  const known = SHOWN.get(hold);
  if (known) return known;
  const able = new Set(signsOf(hold).map(({ id }) => id));
  const shown = new Map(
    ROW_FAULTS.map(({ id, signs }) => [id, signs.filter((sign) => able.has(sign))] as const).filter(
      ([, signs]) => signs.length > 0,
    ),
  );
  SHOWN.set(hold, shown);
  return shown;
}

/** Faults that a player shows or does not; of all others nothing is known. */
export type FaultsSeen = ReadonlyMap<string, boolean>;

/** What a player shows, of all that was looked at. */
export function faultsSeen(
  { taps, signs }: Pick<PlayerSeen, 'taps' | 'signs'>,
  hold: Hold,
): FaultsSeen {
  const seen = new Map<string, boolean>();
  for (const finding of findingsIn(taps, signs, hold)) {
    const fault = faultOfSign(finding.sign);
    if (fault) seen.set(fault.id, finding.present || (seen.get(fault.id) ?? false));
  }
  return seen;
}

const findingsIn = (taps: readonly Tap[], signs: Record<string, boolean>, hold: Hold) =>
  findingsOf(
    taps.map((tap) => ({
      measure: tapMeasure(tap, hold, 'row'),
      place: tap.place ?? null,
      sources: [],
      context: 'row' as const,
    })),
    signs,
    hold,
  );

/** "Fine" of one fault: of the checkpoint that tells of it, where the hold judges that; else of the sign. */
function sayFine(
  fault: string,
  hold: Hold,
  { taps, signs }: { taps: Map<string, Tap>; signs: Record<string, boolean> },
): void {
  for (const sign of signsOn(fault, hold)) {
    const measure = measureOf(sign);
    if (measure === null || bandFor(hold, measure, 'row') === null) signs[sign] ??= false;
    else if (!taps.has(measure)) taps.set(measure, { measure, answer: { kind: 'fine' } });
  }
}

const FROM = new Map(SIGNS.map(({ id, from }) => [id, from]));

/** The checkpoint that tells of a sign; null for what only a person sees. */
function measureOf(sign: string): MeasureId | null {
  const from = FROM.get(sign);
  return from && 'measure' in from ? from.measure : null;
}

/** The family that a fault belongs to; null for what no checkpoint tells, as ease. */
export function familyOfFault(fault: string): Family | null {
  const measure = measureOf(rowFault(fault)?.signs[0] ?? '');
  return measure === null ? null : specOf(measure).family;
}
