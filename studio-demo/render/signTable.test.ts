import { hairTurn, SIDES, type JointGroup } from '@open-palm/core/measure';
import { RENDERED_VIEWS } from './cameras';
import {
  JOINTS,
  measuredFlexion,
  pointOf,
  settled,
  violins,
  STRAIGHT,
  type Joint,
} from './testing/truthJoints';
import { truthOf } from './truth';

/** Joints whose sign is in the table besides those: the knuckle bends about two axes, so only its sense is sure. */
const SIGN_JOINTS: readonly Joint[] = [
  ...JOINTS,
  ['finger', 'indexMcp', 'indexPip', 'indexDip'],
  ['finger', 'middleMcp', 'middlePip', 'middleDip'],
  ['finger', 'ringMcp', 'ringPip', 'ringDip'],
  ['finger', 'wrist', 'middleMcp', 'middlePip'],
];

describe.each(SIDES)('the sign table for a %s hand', (side) => {
  it.each(SIGN_JOINTS)(
    '%s: clearly bent %s–%s–%s reads positive wherever it can be read',
    (...joint) => {
      let rows = 0;
      for (const { grip, pose } of violins) {
        for (const view of RENDERED_VIEWS) {
          const truth = truthOf({ ...grip, wristBend: STRAIGHT }, pose, view, side);
          const measured = measuredFlexion(truth, joint);
          if (measured === null || truth.trueFlexionDeg[joint[2]]! < 20) continue;
          expect(measured).toBeGreaterThan(0);
          rows += 1;
        }
      }
      // The MCP of the thumb is clearly bent in one of the holds only.
      expect(rows).toBeGreaterThan(0);
    },
  );

  it.each([
    ['wristFlexion', 'profile', 'flexionDeg'],
    ['wristDeviation', 'player-eye', 'deviationDeg'],
  ] as const)('%s from %s grows with the wrist’s own bend', (group, view, bend) => {
    const joint: Joint = [group, 'forearm', 'wrist', 'middleMcp'];
    for (const { grip, pose } of violins) {
      const at = (deg: number) =>
        measuredFlexion(
          truthOf({ ...grip, wristBend: { ...STRAIGHT, [bend]: deg } }, pose, view, side),
          joint,
        )!;
      expect(at(20) - at(-20)).toBeGreaterThan(15);
    }
  });

  it('reads the angle of hand and forearm in the views that show it, and in no other', () => {
    const joint = (group: JointGroup): Joint => [group, 'forearm', 'wrist', 'middleMcp'];
    const worst = { wristFlexion: 0, wristDeviation: 0 };
    for (const { grip, pose } of violins) {
      for (const view of RENDERED_VIEWS) {
        for (const deg of [-30, -20, -10, 0, 10, 20]) {
          const up = truthOf(
            { ...grip, wristBend: { ...STRAIGHT, flexionDeg: deg } },
            pose,
            view,
            side,
          );
          const sideways = truthOf(
            { ...grip, wristBend: { ...STRAIGHT, deviationDeg: deg } },
            pose,
            view,
            side,
          );
          for (const [group, truth] of [
            ['wristFlexion', up],
            ['wristDeviation', sideways],
          ] as const) {
            const told = measuredFlexion(truth, joint(group));
            const shows = view === (group === 'wristFlexion' ? 'profile' : 'player-eye');
            expect(told === null).toBe(!shows);
            if (told !== null) worst[group] = Math.max(worst[group], Math.abs(told - deg));
          }
        }
      }
    }
    expect(worst.wristFlexion).toBeLessThan(2);
    // The player's eye looks down at an angle: sideways bends read by up to a third too small or too large.
    expect(worst.wristDeviation).toBeLessThan(12);
  });

  it('knows on which side of the stick the hair lies, in every view that shows it', () => {
    for (const view of RENDERED_VIEWS) {
      const turn = hairTurn(view, side);
      if (turn === null) continue;
      const truth = truthOf({ ...settled.grip, wristBend: STRAIGHT }, settled.pose, view, side);
      const [hand, tip, frog] = (['stickHandEnd', 'stickTipEnd', 'frogFront'] as const).map((n) =>
        pointOf(truth, n),
      );
      const cross =
        (tip!.x - hand!.x) * (frog!.y - hand!.y) - (tip!.y - hand!.y) * (frog!.x - hand!.x);
      expect(Math.sign(cross)).toBe(turn);
    }
  });
});
