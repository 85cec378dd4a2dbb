import { z } from 'zod';
import { SIGNS, type Sign } from '../judge';
import faults from './data/rowFaults.json';
import numbers from './data/rowNumbers.json';

const faultSchema = z
  .object({
    id: z.string(),
    /** What it is called on each hold: of these a hold can show those that make sense for it. */
    signs: z.array(z.string()).min(1),
    /** Seen in passing: it is asked about fault by fault, and "fine" speaks of it. */
    offered: z.literal(true).optional(),
  })
  .strict();

/** A fault that holds across instruments: a bent thumb is a bent thumb, and a little finger is on top, over or under as its hold wants it. */
export type RowFault = z.infer<typeof faultSchema>;

const data = z
  .object({
    faults: z.array(faultSchema),
    /** Words that need a mirror, a wall, something to hold, or somebody's hand: nothing for a whole group at once. */
    aloneCues: z.array(z.string()),
    /** Drills that a group can do together, the quietest last. */
    groupDrills: z.array(z.string()),
    standing: z.literal('practice'),
  })
  .strict()
  .parse(faults);

const grouped = new Map(data.faults.flatMap((fault) => fault.signs.map((sign) => [sign, fault])));

/** Every fault, in the order in which a hand is looked at; a sign that is in no group is one by itself. What is only noted is none. */
export const ROW_FAULTS: readonly RowFault[] = [
  ...data.faults,
  ...SIGNS.filter(({ id, from, minor }) => !grouped.has(id) && !minor && isSeenInPassing(from)).map(
    ({ id }) => ({
      id,
      signs: [id],
    }),
  ),
];

/** What a test shows, and what takes two places of the bow, nobody sees in passing. */
function isSeenInPassing(from: Sign['from']): boolean {
  return 'measure' in from || 'look' in from;
}

const byId = new Map(ROW_FAULTS.map((fault) => [fault.id, fault]));
const bySign = new Map(ROW_FAULTS.flatMap((fault) => fault.signs.map((sign) => [sign, fault])));

/** The fault with this id; undefined where there is none. */
export const rowFault = (id: string): RowFault | undefined => byId.get(id);

/**
 * The fault that a sign is one form of.
 *
 * @example faultOfSign('littleNotUnder')?.id // 'littleAway'
 */
export const faultOfSign = (sign: string): RowFault | undefined => bySign.get(sign);

export const ALONE_CUES: ReadonlySet<string> = new Set(data.aloneCues);
export const GROUP_DRILLS: readonly string[] = data.groupDrills;

/** The numbers of the row: estimates, in one place. */
export const ROW_NUMBERS = z
  .object({
    note: z.string(),
    /** How probably an eye that passes by sees a fault that is there, and sees that none is there. */
    eye: z.object({ seesFault: z.number(), seesFine: z.number() }).strict(),
    /** How sure an interval is. */
    confidence: z.number(),
    /** A fault is shared when at least this part of the room surely shows it. */
    sharedFrom: z.number(),
    /** Of fewer than this part of the room nothing is said of the room. */
    tellsFromSeen: z.number(),
    mostAlone: z.number().int(),
    unseenDays: z.number().int(),
    /** What makes two players a worse pair, in seats. */
    pairing: z
      .object({
        otherBow: z.number(),
        otherInstrument: z.number(),
        otherFault: z.number(),
        farthestSeats: z.number(),
      })
      .strict(),
  })
  .strict()
  .parse(numbers);
