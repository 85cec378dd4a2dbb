import {
  BOW_SIZES,
  FROG_LENGTH_ESTIMATE,
  MEASURED_FROG_SD_MM,
  type BowSize,
} from '@open-palm/core/bow';
import {
  MEASURED_FINGER_SD_MM,
  REFERENCE_MIDDLE_FINGER,
  relaxedHandFrom,
  type HandFacts,
} from '@open-palm/core/hand';
import {
  adaptHold,
  withoutBands,
  type BowKind,
  type Hold,
  type Instrument,
} from '@open-palm/core/holds';
import type { KnownLength } from '@open-palm/core/units';
import type { Grip, RelaxedHandRecord, Setup, Student } from '@open-palm/contract';

/** How a student grips one bow, as far as it is known now: what a new check is judged by. */
export function gripOf(
  { middleFingerMm, bands }: Pick<Student, 'middleFingerMm'> & Partial<Pick<Student, 'bands'>>,
  { bowSize, settings }: Setup,
  hold: Hold,
  relaxedHand: Pick<RelaxedHandRecord, 'id'> | null,
): Grip {
  return {
    holdId: hold.id,
    holdVersion: hold.version,
    settings,
    bowSize,
    middleFinger:
      middleFingerMm === null
        ? scaled(REFERENCE_MIDDLE_FINGER, bowSize)
        : { mm: middleFingerMm, sdMm: MEASURED_FINGER_SD_MM },
    relaxedHandId: relaxedHand?.id ?? null,
    ...(bands === 'off' ? { bandsOff: true as const } : {}),
  };
}

/** What judges and measures need of a grip: the hold as it is meant for this student, and the hand. */
export function gripFacts(
  grip: Grip,
  hold: Hold,
  relaxedHand: Pick<RelaxedHandRecord, 'points'> | null,
): { hold: Hold; hand: HandFacts } {
  const { settings, bowSize, middleFinger } = grip;
  const meant = grip.bandsOff ? withoutBands(hold) : hold;
  const sizes = { bow: BOW_SIZES[bowSize], hand: middleFinger.mm / REFERENCE_MIDDLE_FINGER.mm };
  return {
    hold: adaptHold(meant, settings, sizes),
    hand: { middleFinger, relaxed: relaxedHand && relaxedHandFrom(relaxedHand.points) },
  };
}

/** Length of a bow's frog: as measured, or estimated by its kind and size. */
export function frogLengthOf(
  { frogLengthMm, instrument, bowSize }: Pick<Setup, 'frogLengthMm' | 'instrument' | 'bowSize'>,
  bow: BowKind,
): KnownLength {
  return frogLengthMm === null
    ? estimatedFrog(instrument, bow, bowSize)
    : { mm: frogLengthMm, sdMm: MEASURED_FROG_SD_MM };
}

const estimatedFrog = (instrument: Instrument, bow: BowKind, size: BowSize) =>
  scaled(FROG_LENGTH_ESTIMATE[instrument === 'viola' ? 'viola' : bow], size);

/** A length of a full-size bow or hand at a smaller size: a fitting bow goes with the hand. */
const scaled = ({ mm, sdMm }: KnownLength, size: BowSize): KnownLength => ({
  mm: Math.round(mm * BOW_SIZES[size] * 10) / 10,
  sdMm,
});
