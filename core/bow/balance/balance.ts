import hand from './data/handForces.json';
import { handOverMm } from './handOver';
import { leastSqueeze } from './leastSqueeze';
import { demandOf, leverArms, type LeverArm } from './leverArms';
import { loudestN } from './loudest';
import { naturalShare } from './naturalShare';
import {
  weightAcrossN,
  weightAlongN,
  weightAtMm,
  type BalanceSetup,
  type ContactName,
} from './setup';

/** A force for each contact, N; the web's is positive when it pushes up. */
export type Forces = Partial<Record<ContactName, number>>;

/** Why no hand in this place can hold the bow still: what would be needed and is not there. */
export type WhyNot =
  /** Nothing behind the thumb holds the tip up. */
  | 'tipFalls'
  /** Nothing ahead of the thumb presses the tip down. */
  | 'tipRises'
  /** What is there can only push the other way. */
  | 'noPushThatWay';

export interface Balance {
  /** The least total force in the string's plane, and the share that a hand takes of itself. */
  leastN: Forces;
  shareN: Forces;
  /** Across the string's plane: the index carries the weight, the thumb opposes it; null without an index there. */
  acrossN: { index: number; thumb: number } | null;
  /** What has to be pinched besides, so that a tilted bow does not slide through the hand, N. */
  pinchN: number;
  /** Where the hand hands over from its one side to the other, mm from the thumb. */
  handOverMm: number | null;
  /** The largest string force at the string's place, N; null in the air. */
  loudestN: number | null;
}

export type BalanceAnswer = { feasible: true; balance: Balance } | { feasible: false; why: WhyNot };

/** What the balance leaves to the case: it is not of the lever itself. */
export interface BalanceOptions {
  /** How much of the weight across the string's plane the string takes, 0 to 1; 0 in the air. */
  onString?: number;
  /** The share of an adult's strength that the hand has. */
  strength?: number;
}

/** The forces that hold a bow still, as if it did not move: Σ force = 0, Σ moment = 0, contacts only push. */
export function balanceOf(
  setup: BalanceSetup,
  { onString = 0, strength = 1 }: BalanceOptions = {},
): BalanceAnswer {
  const levers = leverArms(setup);
  const demand = demandOf(setup);
  const least = leastSqueeze(levers, demand);
  const share = naturalShare(levers, demand);
  if (!least || !share) return { feasible: false, why: whyNot(setup, levers) };
  const total = least.reduce((sum, force) => sum + force, 0);
  return {
    feasible: true,
    balance: {
      leastN: byContact(levers, least),
      shareN: byContact(levers, share),
      acrossN: acrossOf(setup, onString),
      pinchN: Math.max(0, weightAlongN(setup) - hand.friction * total) / (2 * hand.friction),
      handOverMm: handOverMm(setup),
      loudestN: setup.string && loudestN(setup, setup.string.atMm, strength),
    },
  };
}

function byContact(levers: readonly LeverArm[], forces: readonly number[]): Forces {
  const sums: Forces = {};
  levers.forEach(({ contact, direction }, i) => {
    // Only the web pushes both ways: its sign tells which.
    const signed = contact === 'web' ? forces[i]! * direction : forces[i]!;
    sums[contact] = (sums[contact] ?? 0) + signed;
  });
  return sums;
}

/** The second lever: index = (1 − k)·W·sin ψ·c / lead, thumb = index − (1 − k)·W·sin ψ. */
function acrossOf(setup: BalanceSetup, onString: number): Balance['acrossN'] {
  const lead = setup.contacts.index;
  if (setup.hold !== 'over' || lead === undefined || lead <= 0) return null;
  const weight = (1 - onString) * weightAcrossN(setup);
  const index = (weight * weightAtMm(setup)) / lead;
  return { index, thumb: index - weight };
}

function whyNot(setup: BalanceSetup, levers: readonly LeverArm[]): WhyNot {
  const { momentNmm } = demandOf(setup);
  const turns = (sign: 1 | -1) =>
    levers.some(({ atMm, direction }) => Math.sign(direction * atMm) === sign);
  // A positive moment holds the tip up: a push down behind the thumb, or up ahead of it.
  if (momentNmm > 0 && !turns(1)) return 'tipFalls';
  if (momentNmm < 0 && !turns(-1)) return 'tipRises';
  return 'noPushThatWay';
}
