import { FINGER_CHAIN, FINGERS, type HandPointName } from './handPoints';
import { thumbFalls } from './thumbFalls';

/** Straight fingers, 40 px apart: index at 120, little finger at 0; the thumb's tip under them at this place. */
function hand(thumbX: number | null, turnDeg = 0, mirror = 1) {
  const turn = (turnDeg * Math.PI) / 180;
  const at = (x: number, y: number) => ({
    x: mirror * (x * Math.cos(turn) - y * Math.sin(turn)),
    y: x * Math.sin(turn) + y * Math.cos(turn),
  });
  const points: Partial<Record<HandPointName, { x: number; y: number }>> = {};
  FINGERS.forEach((finger, i) => {
    FINGER_CHAIN[finger].forEach((name, j) => (points[name] = at(120 - 40 * i, 200 - 50 * j)));
  });
  if (thumbX !== null) points.thumbTip = at(thumbX, 90);
  return points;
}

it.each([
  [80, 'middle'],
  [88, 'middle'],
  [60, 'between'],
  [52, 'between'],
  [40, null],
  [120, null],
  [null, null],
])('a thumb at %s falls %s, however the picture is turned or mirrored', (x, falls) => {
  for (const turn of [0, 35, 180]) {
    for (const mirror of [1, -1]) expect(thumbFalls(hand(x, turn, mirror))).toBe(falls);
  }
});

it('says nothing of fingertips that lie over each other', () => {
  const points = hand(60);
  points.ringTip = { ...points.middleTip! };
  expect(thumbFalls(points)).toBeNull();
});
