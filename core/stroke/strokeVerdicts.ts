import { bandFor, type Band, type Hold, type Range as BandRange } from '../holds';
import { verdictAgainst, type Place } from '../measure';
import defaults from './data/strokeDefaults.json';
import type { StrokeAnalysis } from './analyseStroke';

/** What a take says about the wrist, as data: the words lie in the strings catalogues by `code`. */
export type StrokeVerdict =
  | {
      code: 'supple' | 'locked' | 'tooWide' | 'rangeUnsure' | 'notEnough';
      deg: number;
      sd: number;
      band: BandRange;
    }
  /** Without degrees of the fingers a person saw them hardly move. */
  | { code: 'compensating'; deg: number; fingersDeg: number | null }
  | {
      code: 'placeIn' | 'placeLow' | 'placeHigh' | 'placeUnsure';
      place: Place;
      deg: number;
      sd: number;
      band: BandRange;
    }
  | {
      code: 'turnsAsWanted' | 'turnsOtherWay' | 'turnUnclear';
      deg: number;
      sd: number;
      sure: 'sure' | 'fair';
    };

const isRange = (band: Band | null): band is BandRange => band !== null && !('allowed' in band);

/**
 * What a take says, by the bands of the hold: the range first, then what it does instead of the fingers, places, direction.
 *
 * @param fingersSeen what a person saw thumb and little finger do, where they were not measured
 */
export function strokeVerdicts(
  analysis: StrokeAnalysis,
  hold: Pick<Hold, 'checkpoints' | 'bow'>,
  fingersSeen: 'moving' | 'still' | null = null,
): StrokeVerdict[] {
  return [
    ...rangeVerdicts(analysis, hold, fingersSeen),
    ...placeVerdicts(analysis, hold),
    ...turn(analysis, hold),
  ];
}

function rangeVerdicts(
  { ranges, fingers, isNoiseKnown }: StrokeAnalysis,
  hold: Pick<Hold, 'checkpoints'>,
  fingersSeen: 'moving' | 'still' | null,
): StrokeVerdict[] {
  const band = bandFor(hold, 'wristRange', null);
  const wrist = ranges.wristFlexion;
  if (!isRange(band) || !wrist) return [];
  const { deg, sd } = wrist;
  // Noise that is only guessed from the take itself may be movement: where it goes half as far as is wanted, a wrist that is still in it
  // is not told from one that moves.
  const isDrowned = !isNoiseKnown && wrist.couldBeNoise && wrist.noiseDeg >= (band.lo ?? 0) / 2;
  const verdict = verdictAgainst(deg, sd, band);
  const codes = {
    in: 'supple',
    low: isDrowned ? 'notEnough' : 'locked',
    high: 'tooWide',
    unsure: wrist.couldBeNoise ? 'notEnough' : 'rangeUnsure',
    none: 'rangeUnsure',
  } as const;
  const ofRange: StrokeVerdict = { code: codes[verdict], deg, sd, band };
  const quiet =
    fingers !== null &&
    ranges.thumbIp !== undefined &&
    ranges.littlePip !== undefined &&
    ranges.thumbIp.deg < defaults.quietFingersDeg &&
    ranges.littlePip.deg < defaults.quietFingersDeg;
  if (verdict !== 'high') return [ofRange];
  if (quiet) return [ofRange, { code: 'compensating', deg, fingersDeg: fingers.deg }];
  return fingers === null && fingersSeen === 'still'
    ? [ofRange, { code: 'compensating', deg, fingersDeg: null }]
    : [ofRange];
}

function placeVerdicts(
  { means }: StrokeAnalysis,
  hold: Pick<Hold, 'checkpoints'>,
): StrokeVerdict[] {
  return (['heel', 'middle', 'point'] as const).flatMap((place) => {
    const band = bandFor(hold, 'wristFlexion', place);
    const mean = means[place];
    if (!isRange(band) || !mean) return [];
    const codes = {
      in: 'placeIn',
      low: 'placeLow',
      high: 'placeHigh',
      unsure: 'placeUnsure',
      none: 'placeUnsure',
    } as const;
    return [{ code: codes[verdictAgainst(mean.deg, mean.sd, band)], place, ...mean, band }];
  });
}

/** Less than this from heel to point is no direction, degrees. [memory] */
const LEAST_TURN_DEG = 3;

function turn({ turn }: StrokeAnalysis, { bow }: Pick<Hold, 'bow'>): StrokeVerdict[] {
  const sure = defaults.direction[bow];
  if (!turn || sure === 'none') return [];
  // Wanted is toward extension, which is negative.
  const verdict = verdictAgainst(turn.deg, turn.sd, { lo: -LEAST_TURN_DEG, hi: LEAST_TURN_DEG });
  const code =
    verdict === 'low' ? 'turnsAsWanted' : verdict === 'high' ? 'turnsOtherWay' : 'turnUnclear';
  return [{ code, ...turn, sure: sure as 'sure' | 'fair' }];
}
