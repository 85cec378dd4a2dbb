import { findHand, findHandAt } from './findHand';
import type { Picture } from './picture';
import { searchFrames } from './search/frames';
import { fakeModels, seenAlike } from './testing/fakeModels';

const grey = (width: number, height: number, value = 128): Picture => ({
  width,
  height,
  data: new Uint8Array(width * height * 4).fill(value),
});
const picture = grey(800, 600);
const middle = { x: 0.5, y: 0.5, size: 0.2 };
const sure = seenAlike(0.98, 0.97);
const nothing = () => ({ presence: 0.1, rightHand: 0.5 });

describe('findHand', () => {
  it('is content with two looks that agree in the first frame', async () => {
    const models = fakeModels(() => [middle], sure);
    const search = await findHand(picture, 'right', models);
    expect(search.outcome).toBe('found');
    expect(models.frames).toBe(1);
    expect(models.looks).toBe(2);
    expect(search.outcome === 'found' && search.hand.points).toHaveLength(21);
  });

  it('shows the picture small first, then as it is, then turned, until a hand is seen', async () => {
    const models = fakeModels((frame) => (frame === 3 ? [middle] : []), sure);
    const search = await findHand(picture, 'right', models);
    expect(models.frames).toBe(4);
    const frames = searchFrames(picture);
    expect(frames.map(({ angle }) => Math.round((angle * 180) / Math.PI))).toEqual([
      0, 0, 90, 180, -90, 45, -45,
    ]);
    expect(frames.slice(0, 2).map(({ size }) => size)).toEqual([1600, 800]);
    // The hand lies upside down in the frame that is turned by 180°: its wrist is above its fingers.
    const points = search.outcome === 'found' ? search.hand.points : [];
    expect(points[0]!.y).toBeLessThan(points[12]!.y);
  });

  it('gives up when nothing is seen in any frame', async () => {
    const models = fakeModels(() => [], nothing);
    expect(await findHand(picture, 'right', models)).toEqual({ outcome: 'noHand' });
    expect(models.frames).toBe(searchFrames(picture).length);
  });

  it('does not believe a look that is sure of itself and differs in the mirror', async () => {
    // The same points of the square, turned over or not: what a model says that does not look at the hand.
    const models = fakeModels(
      (frame) => (frame === 0 ? [middle] : []),
      () => ({ presence: 1, rightHand: 0.5 }),
    );
    expect(await findHand(picture, 'right', models)).toEqual({ outcome: 'noHand' });
    expect(models.looks).toBe(5);
  });

  it('does not believe points that look like the other side’s hand', async () => {
    const other = seenAlike(0.98, 0.04);
    const find = (side: 'left' | 'right') =>
      findHand(
        picture,
        side,
        fakeModels((frame) => (frame === 0 ? [middle] : []), other),
      );
    expect(await find('right')).toEqual({ outcome: 'noHand' });
    expect((await find('left')).outcome).toBe('found');
  });

  it('adds up what several frames show of one place, with fewer looks each', async () => {
    // Too faint for two looks to be enough; the second look of a place is the one that is turned over.
    const doubtful = (number: number) =>
      number === 1 || number === 6
        ? { presence: 0.4, rightHand: 0.1, turnedOver: true }
        : { presence: 0.4, rightHand: 0.9 };
    // The same palm in a frame that is twice as large and in the picture as it is.
    const inFrames = (count: number) =>
      fakeModels(
        (frame) => (frame < count ? [{ x: 0.5, y: 0.5, size: frame === 0 ? 0.1 : 0.2 }] : []),
        doubtful,
      );
    const [once, twice] = [inFrames(1), inFrames(2)];
    expect(await findHand(picture, 'right', once)).toEqual({ outcome: 'noHand' });
    expect(once.looks).toBe(5);
    expect((await findHand(picture, 'right', twice)).outcome).toBe('found');
    expect(twice.looks).toBe(7);
  });

  it('does not search for ever', async () => {
    const models = fakeModels(
      () => [middle],
      () => ({ presence: 0.6, rightHand: 0.4 }),
    );
    await findHand(picture, 'right', models);
    expect(models.looks).toBeLessThan(20);
  });

  it('says so when there are two hands', async () => {
    const models = fakeModels(
      () => [
        { x: 0.2, y: 0.5, size: 0.15 },
        { x: 0.8, y: 0.5, size: 0.15 },
      ],
      sure,
    );
    expect(await findHand(picture, 'right', models)).toEqual({ outcome: 'severalHands' });
  });

  it('says so of a picture that is black or tiny, without asking the models', async () => {
    const models = fakeModels(() => [middle], sure);
    expect(await findHand(grey(800, 600, 5), 'right', models)).toEqual({ outcome: 'tooDark' });
    expect(await findHand(grey(20, 20), 'right', models)).toEqual({ outcome: 'tooSmall' });
    expect(models.frames).toBe(0);
  });
});

describe('findHandAt', () => {
  it('takes the hand that lies where wrist and knuckle were touched', async () => {
    const models = fakeModels(
      () => [],
      () => ({ presence: 0.98, rightHand: 0.97 }),
    );
    const search = await findHandAt(
      picture,
      'right',
      { x: 200, y: 400 },
      { x: 200, y: 300 },
      models,
    );
    const points = search.outcome === 'found' ? search.hand.points : [];
    expect(Math.abs(points[9]!.x - 200)).toBeLessThan(80);
  });

  it('sees none where the models see none', async () => {
    const models = fakeModels(() => [], nothing);
    expect(
      await findHandAt(picture, 'right', { x: 200, y: 400 }, { x: 200, y: 300 }, models),
    ).toEqual({ outcome: 'noHand' });
  });
});
