import { partsOf, type HandPart, type PartId } from '../../assessment/stations/handParts';
import type { StationFacts } from '../../assessment/stations/stationFacts';
import { stationsOf } from '../../assessment/stations/stationPlan';
import type { Hold } from '@open-palm/core/holds';
import type { Level } from '@open-palm/core/practice';
import type { Player } from './room';

/** What an eye that passes by tells apart. */
const IN_PASSING: readonly PartId[] = [
  'thumbBend',
  'thumbTip',
  'index',
  'spaces',
  'littleTip',
  'littleBend',
  'wrist',
  'knuckles',
  'elbow',
  'bow',
];

/** Whose hold is looked at in the row. */
export const factsOf = ({ hold, setup, item: { student } }: Player): StationFacts => ({
  hold,
  bowSize: setup.bowSize,
  side: student.side,
  skinTone: student.skinTone,
  level: student.level,
  context: 'row',
});

/** What is asked of a hold in passing. */
interface Asked {
  /** The parts of a hand that can be touched, of all four families at once. */
  parts: HandPart[];
  /** Signs that only a person sees. */
  signs: string[];
}

/** Of each hold it is the same for every player who grips alike. */
const ASKED = new WeakMap<Hold, Map<Level, Asked>>();

/** What can be touched of a player's hand, and what can be said of it, while one passes by. */
export function askedInPassing({ hold, level }: Pick<StationFacts, 'hold' | 'level'>): Asked {
  const byLevel = ASKED.get(hold) ?? new Map<Level, Asked>();
  ASKED.set(hold, byLevel);
  const known = byLevel.get(level);
  if (known) return known;
  const stations = stationsOf(hold, 'row', level);
  const asked = {
    parts: stations.flatMap(partsOf).filter(({ id }) => IN_PASSING.includes(id)),
    signs: stations.flatMap(({ signs }) => signs).filter((sign) => SIGNS_IN_PASSING.includes(sign)),
  };
  byLevel.set(level, asked);
  return asked;
}

const SIGNS_IN_PASSING: readonly string[] = ['handSqueezes', 'shoulderRaised'];
