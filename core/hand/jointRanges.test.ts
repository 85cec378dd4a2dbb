import { NORMAL_FLEXION_DEG, PLAUSIBLE_FLEXION_DEG, type JointKind } from './jointRanges';

describe('joint ranges', () => {
  // American Academy of Orthopaedic Surgeons, Joint Motion: Method of Measuring and Recording, 1965 (recalled).
  it.each<[JointKind, number, number]>([
    ['thumbIp', 0, 80],
    ['thumbMcp', 0, 50],
    ['fingerMcp', 0, 90],
    ['fingerPip', 0, 100],
    ['fingerDip', 0, 90],
    ['wrist', -70, 80],
  ])('holds the published normal motion of the %s', (joint, lo, hi) => {
    expect(NORMAL_FLEXION_DEG[joint]).toEqual({ lo, hi });
  });

  it('leaves room beyond normal motion on both sides, where faults live', () => {
    for (const joint of Object.keys(NORMAL_FLEXION_DEG) as JointKind[]) {
      expect(PLAUSIBLE_FLEXION_DEG[joint].lo).toBeLessThan(NORMAL_FLEXION_DEG[joint].lo);
      expect(PLAUSIBLE_FLEXION_DEG[joint].hi).toBeGreaterThan(NORMAL_FLEXION_DEG[joint].hi);
    }
  });
});
