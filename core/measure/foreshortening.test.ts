import { UNKNOWN_HAND, PHALANGES_MM, type HandFacts } from '../hand';
import { holdById } from '../holds';
import type { Capture } from './capture';
import { boneTilts, retakeFor, tiltOf } from './foreshortening';
import { measureCapture } from './measureCapture';
import { sampleCapture } from './sampleCapture';
import type { NumberMeasure } from './measures';

const at = (x: number, y: number) => ({ x, y, sigma: 1 });
const hand = { middleFinger: { mm: 92.3, sdMm: 2 }, relaxed: null };
const first = PHALANGES_MM.thumb[0]!;
const last = PHALANGES_MM.thumb[1]!;

/** A thumb from the thumb's side at 4 px to the mm, bent by 40° in the picture, its last bone shortened. */
function thumbCapture(shown: number): Capture {
  const px = 4;
  const [x, y] = [500 - first.mm * px, 400];
  const bend = (-40 * Math.PI) / 180;
  const length = last.mm * px * shown;
  return {
    view: 'thumb-side',
    side: 'right',
    image: { width: 1200, height: 900 },
    points: {
      stickHandEnd: at(900, 500),
      stickTipEnd: at(100, 500),
      frogFront: at(600, 540),
      frogBack: at(600 + 46 * px, 540),
      thumbMcp: at(x, y),
      thumbIp: at(500, 400),
      thumbTip: at(500 + length * Math.cos(bend), 400 + length * Math.sin(bend)),
    },
    frogLength: { mm: 46, sdMm: 0.5 },
  };
}

const bendOf = (capture: Capture, measure = measureCapture) =>
  measure(capture, holdById('violin-shallow'), 'free', hand).measures.find(
    (m) => m.id === 'thumbIpFlexion',
  ) as NumberMeasure;

describe('foreshortening', () => {
  it('tells a bone of half its length to be tilted by 60°, one that shows more than its length by 0°', () => {
    expect(tiltOf(10, 20)).toBeCloseTo(60, 9);
    expect(tiltOf(21, 20)).toBe(0);
  });

  it('finds the tilt of the bone that was tilted', () => {
    const tilts = boneTilts(thumbCapture(Math.cos(Math.PI / 4)), hand);
    expect(tilts.map(({ bone }) => bone)).toEqual(['thumbIp', 'thumbTip']);
    expect(tilts[1]!.tiltDeg).toBeCloseTo(45, 1);
    expect(tilts[0]!.tiltDeg).toBeLessThan(1);
  });

  it('withholds a firm number from 80 % certainty on, and says which way to turn', () => {
    const flat = bendOf(thumbCapture(1));
    expect(flat).toMatchObject({ retake: null, verdict: 'in' });
    const steep = bendOf(thumbCapture(0.6));
    expect(steep).toMatchObject({ retake: 'below', verdict: 'unsure' });
    expect(bendOf(thumbCapture(0.6), sampleCapture)).toMatchObject({
      retake: 'below',
      verdict: 'unsure',
    });
  });

  it('is surer with the student’s own hand than with a stranger’s', () => {
    const capture = thumbCapture(0.72);
    const oblique = (facts: HandFacts) => boneTilts(capture, facts)[1]!.oblique;
    expect(oblique(hand)).toBeGreaterThan(
      oblique({ ...UNKNOWN_HAND, middleFinger: { ...hand.middleFinger, sdMm: 8 } }),
    );
  });

  it('takes the scale from the flattest bone where the frog is seen from its end, if three are marked', () => {
    const chain = (shown: number): Capture => ({
      ...thumbCapture(1),
      view: 'profile',
      points: {
        littleMcp: at(100, 100),
        littlePip: at(100 + 32.7 * 4, 100),
        littleDip: at(100 + 32.7 * 4, 100 + 18.1 * 4),
        littleTip: at(100 + 32.7 * 4, 100 + 18.1 * 4 + 20 * 4 * shown),
      },
    });
    const tilts = boneTilts(chain(0.5), hand);
    expect(tilts.at(-1)!.tiltDeg).toBeCloseTo(60, 0);
    expect(retakeFor('profile', ['littleTip'], tilts)).toBe('buttonEnd');
    const two = chain(0.5);
    delete two.points.littleMcp;
    expect(boneTilts(two, hand)).toEqual([]);
  });
});
