import { seededNormal } from '../stats';
import { evenFrames } from './evenFrames';
import { noiseGain } from './noiseGain';
import { butterworth } from './lowPass';

const at30 = (frames: number) => Array.from({ length: frames }, (_, i) => i / 30);

describe('evenFrames', () => {
  it('bridges a gap of 0.2 s by a line, and leaves a longer one', () => {
    const timesS = at30(90);
    const line = timesS.map((time) => 10 * time);
    const missing = (from: number, to: number) =>
      line.map((value, i) => (i >= from && i < to ? null : value));
    const short = evenFrames({ timesS, channels: { wristFlexion: missing(30, 35) } });
    expect(short.channels.wristFlexion![32]).toBeCloseTo(10 * timesS[32]!, 1);
    const long = evenFrames({ timesS, channels: { wristFlexion: missing(30, 40) } });
    expect(long.channels.wristFlexion!.slice(30, 40).every((value) => value === null)).toBe(true);
    expect(long.channels.wristFlexion![29]).not.toBeNull();
    expect(long.channels.wristFlexion![40]).not.toBeNull();
  });

  it('brings a clip of uneven frames to even ones', () => {
    const normal = seededNormal(2);
    const timesS = at30(150).map((time, i) => time + (i % 149 === 0 ? 0 : 0.008 * normal()));
    const sorted = [...timesS].sort((a, b) => a - b);
    const wristFlexion = sorted.map((time) => 12 * Math.sin(time * 2));
    const even = evenFrames({ timesS: sorted, channels: { wristFlexion } });
    even.timesS.forEach((time, i) => {
      const value = even.channels.wristFlexion![i];
      if (value !== null) expect(value).toBeCloseTo(12 * Math.sin(time * 2), 0);
    });
    expect(even.frameRateHz).toBeGreaterThan(25);
    expect(even.frameRateHz).toBeLessThan(36);
  });

  it('does not smooth a take of too few frames a second', () => {
    const timesS = [0, 0.2, 0.4, 0.6, 0.8];
    const wristFlexion = [10, 6, 1, -4, -9];
    const even = evenFrames({ timesS, channels: { wristFlexion } });
    expect(even.filter).toBeNull();
    expect(even.channels.wristFlexion).toEqual(wristFlexion);
  });

  it('tells the noise from what smoothing took away', () => {
    const normal = seededNormal(6);
    const timesS = at30(900);
    const wristFlexion = timesS.map((time) => 12 * Math.sin(time * 3) + 1.5 * normal());
    const even = evenFrames({ timesS, channels: { wristFlexion } });
    expect(Math.abs(even.rawNoiseSd.wristFlexion! / 1.5 - 1)).toBeLessThan(0.1);
  });

  it('takes told noise for what it is', () => {
    const timesS = at30(60);
    const even = evenFrames({
      timesS,
      channels: { wristFlexion: timesS.map(() => 4) },
      noiseSd: { wristFlexion: 2 },
    });
    expect(even.noiseSd.wristFlexion).toBeCloseTo(2 * noiseGain(butterworth(6, 30)).left, 9);
  });
});
