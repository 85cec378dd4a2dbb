import type { Band, Checkpoint, Hold, HoldSetting, Range } from './holdSchema';

/** Answers to a hold's questions, by the setting's id; what is not answered is at its default, the first option. */
export type SettingAnswers = Readonly<Record<string, string>>;

/** Sizes against those that the holds are written for: a full bow, a middle finger of 100 mm. */
export interface Sizes {
  bow: number;
  hand: number;
}

/** Measures in mm whose bands go with the bow's size; the others go with the hand's. */
const ALONG_THE_BOW: readonly string[] = ['thumbPlace', 'thumbThrough', 'hairClearance'];

const IN_MM: readonly string[] = [
  ...ALONG_THE_BOW,
  'indexLead',
  'gap12',
  'gap23',
  'gap34',
  'spread',
];

/**
 * A hold as it is meant for one student: with the teacher's answers where schools differ, and its lengths and places
 * scaled to the student's hand and bow.
 *
 * @returns a new hold; the id and version stay
 * @example adaptHold(holdById('violin-shallow'), {}, { bow: 0.5, hand: 1 }).checkpoints.thumbPlace.band.hi / holdById('violin-shallow').checkpoints.thumbPlace.band.hi // 0.5
 */
export function adaptHold(hold: Hold, answers: SettingAnswers, { bow, hand }: Sizes): Hold {
  const chosen = hold.settings.map((setting) => chosenOption(setting, answers));
  const checkpoints: Record<string, Checkpoint> = { ...hold.checkpoints };
  for (const option of chosen) Object.assign(checkpoints, option.checkpoints);
  for (const option of chosen) {
    for (const [id, by] of Object.entries(option.shift ?? {})) {
      checkpoints[id] = mapBands(checkpoints[id]!, (end) => end + by);
    }
  }
  for (const id of IN_MM) {
    const checkpoint = checkpoints[id];
    const scale = ALONG_THE_BOW.includes(id) ? bow : hand;
    if (checkpoint && scale !== 1) checkpoints[id] = mapBands(checkpoint, (end) => end * scale);
  }
  const places = Object.assign(
    {},
    hold.startingPlacesMm,
    ...chosen.map((option) => option.startingPlacesMm),
  ) as Hold['startingPlacesMm'];
  return {
    ...hold,
    checkpoints,
    startingPlacesMm: {
      thumb: places.thumb * bow,
      index: places.index * hand,
      middle: places.middle * hand,
      ring: places.ring * hand,
      little: places.little * hand,
    },
  };
}

/** The option that these answers choose; an answer that is no option leaves the default. */
export function chosenOption(
  setting: HoldSetting,
  answers: SettingAnswers,
): HoldSetting['options'][number] {
  return setting.options.find(({ id }) => id === answers[setting.id]) ?? setting.options[0]!;
}

function mapBands(checkpoint: Checkpoint, change: (end: number) => number): Checkpoint {
  if (!('standing' in checkpoint)) return checkpoint;
  const map = (band: Band): Band => ('allowed' in band ? band : mapEnds(band, change));
  const { band, inTheAir, playing, byPlace, standing } = checkpoint;
  return {
    standing,
    ...(band ? { band: map(band) } : {}),
    ...(inTheAir ? { inTheAir: map(inTheAir) } : {}),
    ...(playing ? { playing: map(playing) } : {}),
    ...(byPlace
      ? { byPlace: Object.fromEntries(Object.entries(byPlace).map(([at, b]) => [at, map(b)])) }
      : {}),
  };
}

const mapEnds = ({ lo, hi }: Range, change: (end: number) => number): Range => ({
  ...(lo === undefined ? {} : { lo: change(lo) }),
  ...(hi === undefined ? {} : { hi: change(hi) }),
});
