import { bandFor, type Hold } from '../holds';
import type { MeasureId } from '../measure/measureIds';

/** What of a hold its drawn hand rests on; plain and small, to be handed to a worker. */
export interface DrawnHold extends Pick<
  Hold,
  'bow' | 'hand' | 'startingPlacesMm' | 'startingDepthsU'
> {
  /** Of the shipped hold whose hand is the nearest. */
  id: string;
  /** Length of the bow against a full-size one. */
  bowScale: number;
  /** The middle of what it wants of a measure, where that lies between two ends. */
  wanted: Partial<Record<MeasureId, number>>;
}

/** The measures that shape a drawn hand and for which holds have bands. */
const SHAPING: readonly MeasureId[] = [
  'thumbIpFlexion',
  'thumbMcpFlexion',
  'indexPipFlexion',
  'middlePipFlexion',
  'ringPipFlexion',
  'littlePipFlexion',
  'littleDipFlexion',
  'handLean',
];

/**
 * What of a hold its drawn hand rests on.
 *
 * @param hold as it is meant for the student, with settings and sizes
 * @param bowScale length of the student's bow against a full-size one
 */
export function drawnHold(hold: Hold, bowScale = 1): DrawnHold {
  const { bow, hand, startingPlacesMm, startingDepthsU } = hold;
  const wanted = SHAPING.flatMap((id) => {
    const band = bandFor(hold, id);
    if (!band || 'allowed' in band || band.lo === undefined || band.hi === undefined) return [];
    return [[id, (band.lo + band.hi) / 2] as const];
  });
  return {
    id: hold.own?.basedOn ?? hold.id,
    bow,
    hand,
    startingPlacesMm,
    startingDepthsU,
    bowScale,
    wanted: Object.fromEntries(wanted),
  };
}
