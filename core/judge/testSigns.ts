import { RE_FORM_TIMES, reFormScatter, type Placement, type TestPart } from '../practice';

/** What a whole-hand test showed, as far as it speaks of signs. */
export interface TestFacts {
  test: string;
  result: {
    clean?: number | undefined;
    part?: TestPart | undefined;
    angleDeg?: number | undefined;
    downToDeg?: number | undefined;
    answers?: Readonly<Record<string, string>> | undefined;
    placements?: readonly Placement[] | undefined;
  };
}

/** Fewer thumb releases out of eight than this are a hard thumb, as many as this are none. [memory] */
const RELEASES = { hardBelow: 5, softFrom: 7 };

/** The thumb's place scatters by more than this from one forming to the next, mm; by less than this it is settled. [memory] */
const SCATTER_MM = { scatteredFrom: 6, settledBelow: 3 };

/** From here down the bow is as good as level, degrees. [memory] */
const LEVEL_TO_DEG = 10;

/**
 * The load on the little finger is largest with the bow level: only what held there has held. Before coming down from
 * upright was recorded, a raise began at level.
 */
const hasCarriedLevel = ({ angleDeg, downToDeg }: TestFacts['result']): boolean =>
  downToDeg === undefined ? angleDeg !== undefined : downToDeg <= LEVEL_TO_DEG;

/**
 * The signs that a test shows, or rules out; what its result leaves open is not told.
 *
 * @example testSigns({ test: 'tip-raise', result: { downToDeg: 45, part: 'thumb' } }) // { littleGives: false, thumbGives: true }
 */
export function testSigns({ test, result }: TestFacts): Record<string, boolean> {
  const { part, clean, answers = {}, placements = [] } = result;
  const by = (sign: string, is: boolean, isNot: boolean): Record<string, boolean> =>
    is || isNot ? { [sign]: is } : {};
  switch (test) {
    case 'tip-raise':
    case 'free-carry':
      if (part !== undefined) {
        return { littleGives: part === 'little', thumbGives: part === 'thumb' };
      }
      return hasCarriedLevel(result) ? { littleGives: false, thumbGives: false } : {};
    case 'finger-lifts':
      return by('fingersDrag', part !== undefined, part === undefined && clean === 8);
    case 'thumb-release':
      return clean === undefined
        ? {}
        : by('thumbMuscleHard', clean < RELEASES.hardBelow, clean >= RELEASES.softFrom);
    case 'pendulum':
      if (part === 'index') return { indexTight: true };
      if (part === 'thumb') return { thumbMuscleHard: true };
      return part === 'little' ? { littlePresses: true } : {};
    case 'fewer-fingers':
      return by('thumbGives', answers.thumbStaysBent === 'no', answers.thumbStaysBent === 'yes');
    case 'even-weight':
      return answers.heaviest === undefined
        ? {}
        : {
            weightOnIndex: answers.heaviest === 'index',
            weightOnLittle: answers.heaviest === 'little',
          };
    case 'squeeze':
      return by('handSqueezes', answers.squeeze === 'hard', answers.squeeze === 'soft');
    case 'press-release':
      return by('handSqueezes', answers.start === 'squeezed', false);
    case 'string-nudge':
      return by('fingersMoveInLean', answers.fingers === 'moving', answers.fingers === 'quiet');
    case 'wall':
      return by('armLeavesWall', answers.arm === 'leaves', answers.arm === 'stays');
    case 're-form': {
      const scatter = placements.length < RE_FORM_TIMES ? null : reFormScatter(placements);
      if (!scatter) return {};
      const { thumbSdMm } = scatter;
      return by(
        'placesScatter',
        thumbSdMm >= SCATTER_MM.scatteredFrom,
        thumbSdMm < SCATTER_MM.settledBelow,
      );
    }
    default:
      return {};
  }
}
