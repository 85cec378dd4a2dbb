import { FINGERS } from '../hand';
import { HOLD_IDS, holdById } from '../holds';
import { drawnHold } from './drawnHold';
import { BUILDS, buildOfHand } from './handBuild';
import { placesOf } from './digitPlaces';
import { NOTHING_MEASURED, type MeasuredGrip } from './measuredGrip';
import { mayMiss, solvePose } from './solvePose';
import { poseValues } from './posedHand';
import { believableSet, wantedSet, wildSet, type MeasuredSet } from './testing/measuredSets';

const solve = ({ hold, build, grip }: MeasuredSet) => solvePose(hold, grip, build);

/** A finger through the wood by more than this would show. */
const MOST_THROUGH_MM = 1.5;

describe('a hand for what was measured', () => {
  it.each([...HOLD_IDS].map((id, i) => [id, i] as const))(
    'comes out as %s wants it, on the wood',
    (_, i) => {
      const { residuals, fighting, fit } = solve(wantedSet(i));
      expect(fighting).toEqual([]);
      for (const { id, wanted, came } of residuals) {
        expect(Math.abs(wanted - came)).toBeLessThan(mayMiss(id));
      }
      expect(residuals.length).toBeGreaterThanOrEqual(8);
      expect(fit.gapMm).toBeLessThan(1.2);
      expect(fit.overlapMm).toBeLessThan(MOST_THROUGH_MM);
    },
  );

  it.each(HOLD_IDS)('has %s’s own places and depths, whatever the hand’s size', (id) => {
    const hold = drawnHold(holdById(id));
    const { startingPlacesMm: x, startingDepthsU: u } = hold;
    const fingers = Object.fromEntries(
      FINGERS.map((one) => [one, { xMm: x[one], u: u[one], dMm: 0, touching: true }]),
    ) as MeasuredGrip['contacts']['fingers'];
    const grip: MeasuredGrip = { contacts: { thumbXMm: x.thumb, fingers }, measures: {} };
    for (const mm of [92, 100, 106]) {
      expect([mm, solvePose(hold, grip, buildOfHand(mm)).fighting]).toEqual([mm, []]);
    }
  });

  it('gives back what hands on a bow measured, in nearly every set', () => {
    const sets = Array.from({ length: 36 }, (_, i) => believableSet(i)).filter(
      (set) => set !== null,
    );
    expect(sets.length).toBeGreaterThan(20);
    const missed = sets.filter((set) => solve(set).fighting.length > 0);
    expect(missed.length / sets.length).toBeLessThan(0.06);
  });

  it('is a hand outside the wood for any values that joints can have', () => {
    for (let i = 0; i < 18; i += 1) {
      const { pose, fit } = solve(wildSet(i));
      expect([...poseValues(pose)].every(Number.isFinite)).toBe(true);
      expect(fit.overlapMm).toBeLessThan(MOST_THROUGH_MM);
    }
  });

  it('is the same hand each time', () => {
    const set = wantedSet(4);
    expect(solve(set)).toEqual(solve(set));
  });

  it('takes what is missing as the hold wants it', () => {
    const hold = drawnHold(holdById('violin-shallow'));
    const { pose } = solvePose(hold, NOTHING_MEASURED, BUILDS.grown);
    const straight: MeasuredGrip = { ...NOTHING_MEASURED, measures: { thumbIpFlexion: -6 } };
    const other = solvePose(hold, straight, BUILDS.grown);
    const ip = other.residuals.find(({ id }) => id === 'thumbIpFlexion')!;
    expect(ip.came).toBeCloseTo(-6, 0);
    // The fingers stay where they were: only the thumb was told.
    pose.fingers.middle.forEach((deg, i) => {
      expect(Math.abs(deg - other.pose.fingers.middle[i]!)).toBeLessThan(6);
    });
  });

  it('says which measures cannot be had together', () => {
    const hold = drawnHold(holdById('violin-shallow'));
    const measures = { gap12: 20, gap23: 15, gap34: 18, spread: 10 };
    const { fighting } = solvePose(hold, { ...NOTHING_MEASURED, measures }, BUILDS.grown);
    expect(fighting).toContain('spread');
    expect(solvePose(hold, NOTHING_MEASURED, BUILDS.grown).fighting).toEqual([]);
  });

  it('takes the wrist as it was measured', () => {
    const hold = drawnHold(holdById('cello'));
    const grip = { ...NOTHING_MEASURED, measures: { wristFlexion: -12 } };
    expect(solvePose(hold, grip, BUILDS.grown).wristBend).toEqual({
      flexionDeg: -12,
      deviationDeg: 0,
    });
  });
});

describe('places along the stick', () => {
  const hold = drawnHold(holdById('violin-shallow'));

  it('follow from distances where no place was told', () => {
    const measures = { gap12: 30, indexLead: 28, thumbPlace: 4 };
    const places = placesOf({ ...NOTHING_MEASURED, measures }, hold, 92);
    expect(places.thumb.xMm).toBeCloseTo(4, 1);
    expect(places.index.xMm - places.thumb.xMm).toBeCloseTo(28, 1);
    expect(places.index.xMm - places.middle.xMm).toBeCloseTo(30, 1);
    expect(places.ring).toEqual({ xMm: hold.startingPlacesMm.ring, isMeasured: false });
  });
});
