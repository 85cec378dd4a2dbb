import { CalcCascades, IirFilter } from 'fili';
import { seededNormal } from '../stats';
import { butterworth, designHz, zeroPhase } from './lowPass';

const sine = (hz: number, rateHz: number, seconds: number) =>
  Array.from({ length: seconds * rateHz }, (_, i) => Math.sin((2 * Math.PI * hz * i) / rateHz));

const middle = (values: readonly number[]) => values.slice(values.length / 4, -values.length / 4);
const amplitude = (values: readonly number[]) =>
  Math.sqrt((2 * values.reduce((sum, value) => sum + value ** 2, 0)) / values.length);

describe('butterworth', () => {
  it('worked by hand for 6 Hz at 30 frames a second', () => {
    // tan(36°) = 0.72654, over 0.80224: w = 0.90564; 1 + 1.28077 + 0.82019 = 3.10096.
    const { b0, b1, b2, a1, a2 } = butterworth(6, 30);
    expect(b0).toBeCloseTo(0.82019 / 3.10096, 4);
    expect(b1).toBeCloseTo(2 * b0, 12);
    expect(b2).toBeCloseTo(b0, 12);
    expect(a1).toBeCloseTo((2 * (0.82019 - 1)) / 3.10096, 4);
    expect(a2).toBeCloseTo((1 - 1.28077 + 0.82019) / 3.10096, 4);
  });

  it('is designed for 7.03 Hz there', () => {
    expect(designHz(6, 30)).toBeCloseTo(7.03, 2);
  });

  it.each([
    [6, 30],
    [6, 25],
    [4, 60],
    [6, 120],
  ])('has the coefficients of a reference package, %d Hz at %d frames/s', (cutOff, rate) => {
    const [reference] = new CalcCascades().lowpass({
      order: 1,
      characteristic: 'butterworth',
      Fs: rate,
      Fc: designHz(cutOff, rate),
      gain: 0,
      preGain: false,
    });
    const { b0, b1, b2, a1, a2 } = butterworth(cutOff, rate);
    expect([b0, b1, b2].map((b, i) => b - reference!.b[i]!)).toEqual([
      expect.closeTo(0, 9),
      expect.closeTo(0, 9),
      expect.closeTo(0, 9),
    ]);
    expect(a1).toBeCloseTo(reference!.a[0]!, 9);
    expect(a2).toBeCloseTo(reference!.a[1]!, 9);
  });

  it('refuses a cut-off that the frames cannot show', () => {
    expect(() => butterworth(6, 12)).toThrow(RangeError);
  });
});

describe('zeroPhase', () => {
  const filter = butterworth(6, 60);

  it('passes what is slow, halves the power of what is at the cut-off, stops what is fast', () => {
    const passed = (hz: number) => amplitude(middle(zeroPhase(sine(hz, 60, 20), filter, 10)));
    expect(passed(0.5)).toBeCloseTo(1, 3);
    expect(passed(6)).toBeCloseTo(Math.SQRT1_2, 3);
    expect(passed(20)).toBeLessThan(0.02);
  });

  it('delays nothing: a slow sine keeps its zeros', () => {
    const filtered = zeroPhase(sine(1, 60, 10), filter, 10);
    for (let i = 60; i < 540; i += 30) expect(filtered[i]).toBeCloseTo(0, 3);
  });

  it('leaves a line alone, up to its ends', () => {
    const line = Array.from({ length: 50 }, (_, i) => 3 + 0.4 * i);
    zeroPhase(line, filter, 10).forEach((value, i) => expect(value).toBeCloseTo(line[i]!, 1));
  });

  it('is what a reference package gives there and back, away from the ends', () => {
    const normal = seededNormal(5);
    const samples = Array.from({ length: 400 }, () => normal());
    const sections = new CalcCascades().lowpass({
      order: 1,
      characteristic: 'butterworth',
      Fs: 60,
      Fc: designHz(6, 60),
      gain: 0,
      preGain: false,
    });
    const there = new IirFilter(sections).multiStep([...samples]);
    const back = new IirFilter(sections).multiStep([...there].reverse()).reverse();
    const ours = zeroPhase(samples, filter, 10);
    for (let i = 100; i < 300; i += 1) expect(ours[i]).toBeCloseTo(back[i]!, 6);
  });
});
