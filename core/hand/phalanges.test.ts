import { FINGERS } from './handPoints';
import { PHALANGES, PHALANGES_MM, PUBLISHED_MIDDLE_FINGER_MM } from './phalanges';

describe('phalanges', () => {
  // Buryanov & Kotiuk, Proportions of hand segments, Int. J. Morphol. 28(3), 2010 (recalled): mean and SD, base to tip.
  const published = {
    thumb: [31.6, 3.1, 21.7, 1.6],
    index: [39.8, 4.9, 22.4, 2.5, 15.8, 2.3],
    middle: [44.6, 3.8, 26.3, 3.0, 17.4, 1.9],
    ring: [41.4, 3.9, 25.7, 3.3, 17.3, 2.2],
    little: [32.7, 2.8, 18.1, 2.5, 16.0, 2.5],
  } as const;

  it.each([...FINGERS, 'thumb'] as const)(
    'of the %s are the published ones, the last with 4 mm of flesh',
    (name) => {
      const bones = PHALANGES_MM[name];
      expect(bones).toHaveLength(published[name].length / 2);
      bones.forEach(({ mm, sdMm }, i) => {
        const flesh = i === bones.length - 1 ? 4 : 0;
        expect(mm).toBeCloseTo(published[name][2 * i]! + flesh, 9);
        expect(sdMm).toBe(published[name][2 * i + 1]);
      });
    },
  );

  it('stand in the ratios that the source gives: the middle finger’s bones as 2.56 to 1.51 to 1', () => {
    const [first, second, third] = PHALANGES_MM.middle.map(({ mm }) => mm);
    const bone = third! - 4;
    expect(first! / bone).toBeCloseTo(2.56, 2);
    expect(second! / bone).toBeCloseTo(1.51, 2);
    expect(PUBLISHED_MIDDLE_FINGER_MM).toBeCloseTo(92.3, 9);
  });

  it('are named by their far point, fourteen in all', () => {
    expect(new Set(PHALANGES.map(({ to }) => to)).size).toBe(14);
  });
});
