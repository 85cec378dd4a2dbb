import { findHand, findHandAt, searchFrames } from './findHand';
import type { Picture } from './picture';
import { fakeModels } from './testing/fakeModels';

const grey = (width: number, height: number, value = 128): Picture => ({
  width,
  height,
  data: new Uint8Array(width * height * 4).fill(value),
});
const picture = grey(800, 600);
const middle = { x: 0.5, y: 0.5, size: 0.2 };
const sure = () => ({ presence: 0.98, rightHand: 0.97 });
const nothing = () => ({ presence: 0.1, rightHand: 0.5 });

describe('findHand', () => {
  it('is content with the first frame where a hand of the right side is surely there', async () => {
    const models = fakeModels(() => [middle], sure);
    const search = await findHand(picture, 'right', models);
    expect(search.outcome).toBe('found');
    expect(models.frames).toBe(1);
    expect(search.outcome === 'found' && search.hand.points).toHaveLength(21);
  });

  it('turns and zooms the picture until a hand is seen, in the order told', async () => {
    const models = fakeModels((frame) => (frame === 3 ? [middle] : []), sure);
    const search = await findHand(picture, 'right', models);
    expect(models.frames).toBe(4);
    expect(search.outcome).toBe('found');
    const frames = searchFrames(picture);
    expect(frames.map(({ angle }) => Math.round((angle * 180) / Math.PI))).toEqual([
      0, 90, -90, 180, 45, -45, 0, 0,
    ]);
    expect(frames.slice(-2).map(({ size }) => size)).toEqual([800 / 1.6, 800 / 0.7]);
    // The hand lies upside down in the frame that is turned by 180°: its wrist is above its fingers.
    const points = search.outcome === 'found' ? search.hand.points : [];
    expect(points[0]!.y).toBeLessThan(points[12]!.y);
  });

  it('gives up when nothing is seen in any frame', async () => {
    const models = fakeModels(() => [], nothing);
    expect(await findHand(picture, 'right', models)).toEqual({ outcome: 'noHand' });
    expect(models.frames).toBe(8);
  });

  it('does not believe points that look like the other side’s hand', async () => {
    const other = () => ({ presence: 0.98, rightHand: 0.04 });
    expect(
      await findHand(
        picture,
        'right',
        fakeModels(() => [middle], other),
      ),
    ).toEqual({
      outcome: 'noHand',
    });
    const left = await findHand(
      picture,
      'left',
      fakeModels(() => [middle], other),
    );
    expect(left.outcome).toBe('found');
  });

  it('looks around a doubtful hand, and takes the best of what it sees', async () => {
    // Doubtful at first, and surely there only in the seventh look.
    const models = fakeModels(
      () => [middle],
      (number) => (number === 6 ? sure() : { presence: 0.55, rightHand: 0.6 }),
    );
    const search = await findHand(picture, 'right', models);
    expect(search.outcome === 'found' && search.hand.presence).toBeCloseTo(0.98, 5);
  });

  it('does not search for ever', async () => {
    const models = fakeModels(
      () => [middle],
      () => ({ presence: 0.6, rightHand: 0.4 }),
    );
    await findHand(picture, 'right', models);
    expect(models.looks).toBeLessThan(40);
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
    const models = fakeModels(() => [{ x: 0.85, y: 0.5, size: 0.1 }], sure);
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
