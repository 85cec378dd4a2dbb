import { Vector2 } from 'three';
import { FINGER_CHAIN, FINGERS, type HandPointName } from './handPoints';
import { PHALANGES_MM, PUBLISHED_MIDDLE_FINGER_MM } from './phalanges';
import {
  expectedPhalanges,
  gapsAtLastJointsMm,
  naturalCurlDeg,
  naturalGapMm,
  relaxedHandFrom,
  shownLengthMm,
  UNKNOWN_HAND,
} from './relaxedHand';

const KNUCKLE_X_MM = { index: 24, middle: 2, ring: -18, little: -36 } as const;
const PX_PER_MM = 5;

/** Straight parallel fingers on squared paper; the last two phalanges curl out of the picture by t and 2t. */
function drawnHand(curlDeg: number, turnDeg = 0, mirror = 1) {
  const points: Partial<Record<HandPointName, { x: number; y: number }>> = {};
  for (const finger of FINGERS) {
    const [a, b, c] = PHALANGES_MM[finger].map(({ mm }) => mm) as [number, number, number];
    const t = (curlDeg * Math.PI) / 180;
    const heights = [0, a, a + b * Math.cos(t), a + b * Math.cos(t) + c * Math.cos(2 * t)];
    FINGER_CHAIN[finger].forEach((name, i) => {
      const at = new Vector2(KNUCKLE_X_MM[finger] * mirror, heights[i]!)
        .multiplyScalar(PX_PER_MM)
        .rotateAround(new Vector2(0, 0), (turnDeg * Math.PI) / 180);
      points[name] = { x: at.x + 600, y: at.y + 500 };
    });
  }
  return points;
}

const at = (finger: 'index' | 'middle' | 'ring' | 'little', u: number) => ({ finger, u });

describe('the relaxed hand', () => {
  const hand = relaxedHandFrom(drawnHand(20));

  it('keeps the natural gaps, in mm of a hand of that size', () => {
    const gap = (mm: number) => naturalGapMm(hand, mm, at('index', 1.5), at('middle', 1.2));
    expect(gap(PUBLISHED_MIDDLE_FINGER_MM)).toBeCloseTo(22, 6);
    expect(gap(PUBLISHED_MIDDLE_FINGER_MM / 2)).toBeCloseTo(11, 6);
  });

  it('tells the gaps at the last joints, and how long each finger shows', () => {
    const gaps = gapsAtLastJointsMm(hand, PUBLISHED_MIDDLE_FINGER_MM);
    [22, 20, 18].forEach((mm, i) => expect(gaps[i]).toBeCloseTo(mm, 6));
    const [first, second, third] = PHALANGES_MM.index.map(({ mm }) => mm) as [
      number,
      number,
      number,
    ];
    const rad = Math.PI / 180;
    expect(shownLengthMm(hand, PUBLISHED_MIDDLE_FINGER_MM, 'index')).toBeCloseTo(
      first + second * Math.cos(20 * rad) + third * Math.cos(40 * rad),
      6,
    );
  });

  it('does not mind how the picture is turned, or which hand it shows', () => {
    for (const other of [drawnHand(20, 130), drawnHand(20, 0, -1), drawnHand(20, 77, -1)]) {
      const gap = naturalGapMm(relaxedHandFrom(other), 92.3, at('ring', 0.5), at('little', 0.2));
      expect(gap).toBeCloseTo(naturalGapMm(hand, 92.3, at('ring', 0.5), at('little', 0.2)), 6);
    }
  });

  it('reads the curl that was drawn', () => {
    for (const curl of [0, 12, 20, 35]) {
      const curled = relaxedHandFrom(drawnHand(curl));
      for (const finger of FINGERS) expect(naturalCurlDeg(curled, finger)).toBeCloseTo(curl, 4);
    }
  });

  it('names every point that it needs and does not have', () => {
    const points = drawnHand(20);
    delete points.ringDip;
    expect(() => relaxedHandFrom(points)).toThrow('notMarked at ringDip');
  });
});

describe('expected phalanges', () => {
  it('are the published ones in a hand of the published size', () => {
    const facts = {
      middleFinger: { mm: PUBLISHED_MIDDLE_FINGER_MM, sdMm: 0.001 },
      relaxed: null,
    };
    const expected = expectedPhalanges(facts);
    // Buryanov & Kotiuk 2010 (recalled): index 39.8, 22.4, 15.8; the mark on flesh adds 4 mm to the last.
    expect(expected.get('indexPip')!.mm).toBeCloseTo(39.8, 6);
    expect(expected.get('indexDip')!.mm).toBeCloseTo(22.4, 6);
    expect(expected.get('indexTip')!.mm).toBeCloseTo(19.8, 6);
    expect(expected.get('thumbTip')!.mm).toBeCloseTo(25.7, 6);
    // Between people 2.5, and as much again for marking the joint through the skin.
    expect(expected.get('littleDip')!.sdMm).toBeCloseTo(Math.hypot(2.5, 2.5), 3);
  });

  it('scale with the hand', () => {
    const size = (mm: number) =>
      expectedPhalanges({ middleFinger: { mm, sdMm: 1 }, relaxed: null }).get('ringPip')!.mm;
    expect(size(70) / size(100)).toBeCloseTo(0.7, 9);
  });

  it('believe an own bone that hangs longer than the proportions, and not one that hangs shorter', () => {
    const points = drawnHand(30);
    const own = relaxedHandFrom(points);
    own.shown.littlePip = (own.shown.littlePip ?? 0) * 1.3;
    const expected = expectedPhalanges({ ...UNKNOWN_HAND, relaxed: own });
    const usual = expectedPhalanges(UNKNOWN_HAND);
    expect(expected.get('littlePip')!.mm / usual.get('littlePip')!.mm).toBeCloseTo(1.3, 6);
    expect(expected.get('littleTip')!.mm).toBe(usual.get('littleTip')!.mm);
  });
});
