import { bowFrom } from './bowFrom';

const points = {
  stickHandEnd: { x: 100, y: 200 },
  stickTipEnd: { x: 500, y: 210 },
  frogFront: { x: 300, y: 240 },
  frogBack: { x: 110, y: 238 },
  indexTip: { x: 320, y: 260 },
};

describe('bowFrom', () => {
  it('brings the marks of the bow, and nothing else, to the size of the new picture', () => {
    expect(bowFrom(points, { width: 600, height: 450 }, { width: 1200, height: 900 })).toEqual({
      stickHandEnd: { x: 200, y: 400 },
      stickTipEnd: { x: 1000, y: 420 },
      frogFront: { x: 600, y: 480 },
      frogBack: { x: 220, y: 476 },
    });
  });

  it('offers nothing from a picture of another shape, or with a mark missing', () => {
    const size = { width: 600, height: 450 };
    expect(bowFrom(points, size, { width: 450, height: 600 })).toBeNull();
    expect(bowFrom({ ...points, frogBack: undefined }, size, size)).toBeNull();
  });
});
