import { PerspectiveCamera, Vector3 } from 'three';
import { HOLD_IDS, holdById } from '../holds';
import { approachOfFinger } from '../hand/approachOfFinger';
import { bowOf } from '../pose/bowOf';
import { drawnHold } from '../pose/drawnHold';
import { BUILDS } from '../pose/handBuild';
import { keptPose } from '../pose/keptPose';
import { NOTHING_MEASURED, type MeasuredGrip } from '../pose/measuredGrip';
import { HandPoser, poseValues } from '../pose/posedHand';
import { mayMiss, solvePose } from '../pose/solvePose';
import { GripDrawer, type GripOrder } from './gripDrawing';
import { DETAILS, pathsOf } from './portrait';
import { emptyBuffer, lightOf, raster } from './raster';
import { EYE_MM, project, sightFrom } from './sight';
import { PORTRAIT_VIEWS, stationOf } from './views';

const drawer = new GripDrawer(40);
const order = (holdId: string, more: Partial<GripOrder> = {}): GripOrder => ({
  hold: drawnHold(holdById(holdId)),
  grip: NOTHING_MEASURED,
  build: BUILDS.grown,
  view: 'fingerSide',
  held: 'bow',
  upMm: 0,
  detail: 'portrait',
  unseen: [],
  beside: null,
  ...more,
});

/** The rings of path data, as lists of the places at which their pieces end. */
function ringsOf(path: string): [number, number][][] {
  return path
    .split('M')
    .slice(1)
    .map((ring) => {
      const [start, ...pieces] = ring.replace('z', '').split('q');
      let [x, y] = start!.split(' ').map(Number) as [number, number];
      return [
        [x, y] as [number, number],
        ...pieces.map((piece): [number, number] => {
          const [, , dx, dy] = piece.split(' ').map(Number) as [number, number, number, number];
          [x, y] = [x + dx, y + dy];
          return [x, y];
        }),
      ];
    });
}

const areaOf = (ring: readonly (readonly [number, number])[]): number =>
  Math.abs(
    ring.reduce((sum, [x, y], i) => {
      const [nx, ny] = ring[(i + 1) % ring.length]!;
      return sum + x * ny - nx * y;
    }, 0) / 2,
  );

describe('the buffer', () => {
  const square = (z: number, half: number) => [
    -half,
    -half,
    z,
    half,
    -half,
    z,
    half,
    half,
    z,
    -half,
    half,
    z,
  ];
  const sight = sightFrom({ toward: [0, 0, 1], at: [0, 0, 0], widthMm: 40, heightMm: 40 });
  const draw = (...squares: number[][]) => {
    const buffer = emptyBuffer(40, 40, 0.5);
    squares.forEach((places, part) =>
      raster(buffer, {
        places: project(sight, Float64Array.from(places)),
        triangles: [0, 1, 2, 0, 2, 3],
        parts: [part, part],
      }),
    );
    return buffer;
  };
  const count = (parts: Uint8Array, part: number) => parts.filter((one) => one === part).length;

  it('covers what a face covers, once', () => {
    const { part } = draw(square(0, 10));
    expect(Math.abs(count(part, 1) * 0.25 - 400)).toBeLessThan(21);
  });

  it('keeps what is nearer, in whichever order it comes', () => {
    for (const squares of [
      [square(0, 10), square(20, 5)],
      [square(20, 5), square(0, 10)],
    ]) {
      const { part } = draw(...squares);
      const near = squares[0]![2] === 20 ? 1 : 2;
      // Nearer by 20 mm of 700, it shows as much larger.
      const expected = 100 * (EYE_MM / (EYE_MM - 20)) ** 2;
      expect(Math.abs(count(part, near) * 0.25 - expected)).toBeLessThan(11);
    }
  });

  it('does not see a face from behind', () => {
    const places = square(0, 10);
    const buffer = emptyBuffer(40, 40, 0.5);
    raster(buffer, {
      places: project(sight, Float64Array.from(places)),
      triangles: [0, 2, 1, 0, 3, 2],
      parts: [0, 0],
    });
    expect(count(buffer.part, 1)).toBe(0);
  });

  it('is lightest where a face is turned to the light', () => {
    const places = Float64Array.from(square(0, 10));
    expect(lightOf(places, [0, 1, 2, 0, 2, 3], [0, 0, 1])[0]).toBeCloseTo(1, 9);
    expect(lightOf(places, [0, 1, 2, 0, 2, 3], [0, 0, -1])[0]).toBeCloseTo(0, 9);
  });
});

describe('a drawn grip', () => {
  it.each([...HOLD_IDS])('of %s is one hand from every side, small enough to be sent', (id) => {
    for (const view of PORTRAIT_VIEWS) {
      const drawing = drawer.draw(order(id, { view }));
      expect(JSON.stringify(pathsOf(drawing)).length).toBeLessThan(14 * 1024);
      const areas = ringsOf(drawing.hand.outline)
        .map(areaOf)
        .sort((a, b) => b - a);
      // Everything else is a hole between fingers, or what the wood parts.
      expect(areas[0]!).toBeGreaterThan(0.12 * drawing.width * drawing.height);
      expect(JSON.stringify(drawing)).not.toMatch(/NaN|Infinity|null,null/);
    }
  });

  it('has a badge of at most two and a half kilobytes', () => {
    for (const id of HOLD_IDS) {
      const badge = pathsOf(drawer.draw(order(id, { detail: 'badge' })));
      expect(JSON.stringify(badge).length).toBeLessThan(2560);
    }
  });

  it('shows a straight thumb straight and a bent one bent, from the thumb’s side', () => {
    const thumb = (deg: number) => {
      const grip: MeasuredGrip = { ...NOTHING_MEASURED, measures: { thumbIpFlexion: deg } };
      return drawer.draw(order('violin-shallow', { view: 'thumbSide', grip }));
    };
    expect(thumb(-8).hand.outline).not.toBe(thumb(55).hand.outline);
    expect(thumb(-8).marks.thumb.isBehind).toBe(false);
  });

  it('marks each digit where it touches: in front from its own side, behind from the other', () => {
    const fingers = drawer.draw(order('violin-shallow')).marks;
    const thumb = drawer.draw(order('violin-shallow', { view: 'thumbSide' })).marks;
    expect([fingers.index.isBehind, fingers.middle.isBehind]).toEqual([false, false]);
    // A little finger stands on top of the stick with its tip.
    expect(fingers.little.isBehind).toBe(false);
    expect(fingers.thumb.isBehind).toBe(true);
    expect(thumb.thumb.isBehind).toBe(false);
    expect(thumb.middle.isBehind).toBe(true);
    // The index toward the tip, which is to the right from the fingers' side and to the left from the thumb's.
    expect(fingers.index.x).toBeGreaterThan(fingers.little.x);
    expect(thumb.index.x).toBeLessThan(thumb.little.x);
  });

  it('marks contacts within a millimetre of where they were measured', () => {
    const hold = drawnHold(holdById('cello'));
    const { marks, width } = drawer.draw(order('cello'));
    const { at, widthMm } = stationOf('fingerSide', 'over');
    for (const finger of ['index', 'middle', 'ring'] as const) {
      const xMm = marks[finger].x / 10 - widthMm / 2 + at[0];
      expect(Math.abs(xMm - hold.startingPlacesMm[finger])).toBeLessThan(3);
    }
    expect(width).toBe(10 * widthMm);
  });

  it('outlines what nobody has seen, and another hand beside it', () => {
    const plain = drawer.draw(order('cello'));
    const drawing = drawer.draw(order('cello', { unseen: ['ring', 'little'], beside: 'target' }));
    expect(plain.unseen).toBe('');
    const unseen = ringsOf(drawing.unseen).reduce((sum, ring) => sum + areaOf(ring), 0);
    expect(unseen).toBeGreaterThan(50_000);
    expect(unseen).toBeLessThan(0.5 * areaOf(ringsOf(drawing.hand.outline)[0]!));
    // The hand that is wanted is the one that is drawn where nothing was measured.
    expect(drawing.beside!.outline).toBe(plain.hand.outline);
  });

  it('is the same each time, and coarser where it has to follow a finger', () => {
    const drawing = drawer.draw(order('fiddle'));
    expect(new GripDrawer().draw(order('fiddle'))).toEqual(drawing);
    const moving = drawer.draw(order('fiddle', { detail: 'moving' }));
    expect(JSON.stringify(moving).length).toBeLessThan(0.8 * JSON.stringify(drawing).length);
    expect(DETAILS.moving.dotMm).toBeGreaterThan(DETAILS.portrait.dotMm);
  });

  it('is drawn on a pencil, up the stick, or alone', () => {
    const onBow = drawer.draw(order('violin-shallow'));
    const stuff = (drawing: typeof onBow) => new Set(drawing.bow?.faces.map((one) => one.stuff));
    expect(stuff(onBow).has('frog')).toBe(true);
    expect(stuff(drawer.draw(order('violin-shallow', { held: 'pencil' })))).toEqual(
      new Set(['metal', 'paint', 'wood', 'graphite']),
    );
    const up = drawer.draw(order('violin-shallow', { upMm: 150 }));
    expect(up.hand.outline).toBe(onBow.hand.outline);
    const frogAt = (drawing: typeof onBow) =>
      Number(/M(-?\d+)/.exec(drawing.bow!.faces.find((one) => one.stuff === 'frog')!.path)![1]);
    // The frog's near side is a little nearer than the stick, and so shows a little more.
    expect(Math.abs(frogAt(onBow) - frogAt(up) - 1500)).toBeLessThan(30);
    const alone = drawer.draw(order('violin-shallow', { held: null }));
    expect([alone.bow, alone.before]).toEqual([null, '']);
  });

  it('is drawn on the student’s own bow', () => {
    const hold = drawnHold(holdById('violin-shallow'), 0.75);
    expect(bowOf(hold).frogLengthMm).toBeCloseTo(
      0.75 * bowOf(drawnHold(holdById('violin-shallow'))).frogLengthMm,
      9,
    );
    const small = drawer.draw(order('violin-shallow', { hold, build: BUILDS.child }));
    expect(small.bow!.outline).not.toBe(drawer.draw(order('violin-shallow')).bow!.outline);
  });

  it('lays over only the part that is in question, where the whole hand has it', () => {
    const whole = drawer.draw(order('cello', { beside: 'target' })).beside!;
    const part = drawer.draw(order('cello', { beside: 'target', besideOnly: ['little'] })).beside!;
    const size = (path: string) => ringsOf(path).reduce((sum, ring) => sum + areaOf(ring), 0);
    expect(part.ink).toBe('');
    expect(size(part.outline)).toBeGreaterThan(3000);
    expect(size(part.outline)).toBeLessThan(0.25 * size(whole.outline));
    const across = (path: string) =>
      ringsOf(path)
        .flat()
        .map(([x]) => x);
    // The little finger is nearest to the button: to the left.
    expect(Math.max(...across(part.outline))).toBeLessThan(
      Math.max(...across(whole.outline)) - 400,
    );
  });

  it('tells where the telling joint of each digit is, and what lies before it', () => {
    const fingers = drawer.draw(order('violin-shallow'));
    expect(fingers.bends.middle.isBehind).toBe(false);
    expect(fingers.bends.thumb.isBehind).toBe(true);
    // Above the place where the finger touches.
    expect(fingers.bends.middle.y).toBeLessThan(fingers.marks.middle.y);
    const thumb = drawer.draw(order('violin-shallow', { view: 'thumbSide', ring: 'thumbIp' }));
    expect(thumb.bends.thumb).toEqual({ ...thumb.ring, isBehind: false });
  });

  it('says which measures no hand has at once, and draws a kept pose without solving it anew', () => {
    // Three distances that do not add up.
    const measures = { gap12: 12, gap23: 12, gap34: 12, spread: 70 };
    const grip: MeasuredGrip = { ...NOTHING_MEASURED, measures };
    const drawing = drawer.draw(order('violin-shallow', { grip }));
    expect(drawing.fighting.length).toBeGreaterThan(0);
    for (const { id, wanted, came } of drawing.fighting) {
      expect(Math.abs(wanted - came)).toBeGreaterThan(mayMiss(id));
    }
    expect(drawer.draw(order('violin-shallow')).fighting).toEqual([]);
    const pose = keptPose(solvePose(drawnHold(holdById('violin-shallow')), grip, BUILDS.grown));
    // What was kept counts, whatever else the order says.
    const kept = new GripDrawer().draw(order('violin-shallow', { pose }));
    expect(kept.marks).toEqual(drawing.marks);
    expect(kept.fighting.map(({ id }) => id)).toEqual(drawing.fighting.map(({ id }) => id));
  });

  it('shows contacts within two pixels of a phone where the camera of a general library (three) does', () => {
    const station = stationOf('fingerSide', 'over');
    const camera = new PerspectiveCamera(
      (2 * Math.atan(station.heightMm / 2 / EYE_MM) * 180) / Math.PI,
      station.widthMm / station.heightMm,
      1,
      5000,
    );
    const at = new Vector3(...station.at);
    camera.position.copy(at).addScaledVector(new Vector3(...station.toward).normalize(), EYE_MM);
    camera.lookAt(at);
    camera.updateMatrixWorld(true);
    for (const id of HOLD_IDS.filter((one) => holdById(one).hand === 'over')) {
      const hold = drawnHold(holdById(id));
      const { pose } = solvePose(hold, NOTHING_MEASURED, BUILDS.grown);
      const { points } = new HandPoser(BUILDS.grown).pose(poseValues(pose));
      const { marks, width } = drawer.draw(order(id));
      for (const finger of ['index', 'middle', 'ring'] as const) {
        const { xMm } = approachOfFinger(points, finger);
        const seen = new Vector3(xMm, 0, bowOf(hold).stickRadiusMm).project(camera);
        const px = 390 * Math.abs((seen.x + 1) / 2 - marks[finger].x / width);
        expect(px).toBeLessThan(2);
      }
    }
  });
});
