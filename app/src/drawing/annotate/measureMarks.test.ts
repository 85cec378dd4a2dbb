import { keepDeviceRuler } from '../../foundation/api/deviceRuler';
import { captureOf, MARK_SD_SHARE } from './measureMarks';

const sigmas = () => {
  const { points } = captureOf(
    { placed: { indexTip: { x: 1, y: 2 }, indexDip: { x: 3, y: 4 } }, agreed: ['indexDip'] },
    {
      view: 'finger-side',
      side: 'right',
      picture: { width: 1000, height: 800 },
      frogLength: { mm: 50, sdMm: 2 },
    },
  );
  return [points.indexTip!.sigma, points.indexDip!.sigma];
};

describe('the doubt of a mark', () => {
  afterEach(() => keepDeviceRuler(null));
  const checked = (touchShare: number) =>
    keepDeviceRuler({ touchShare, bendRmsDeg: 1, lengthRmsShare: 0.01, tiltDeg: 2, at: '' });

  it('is the usual one, and twice that for a guess that was only called right', () => {
    expect(sigmas()).toEqual([1000 * MARK_SD_SHARE, 7]);
  });

  it('follows what the printed page has told of this device, and never downward', () => {
    checked(0.0005);
    expect(sigmas()).toEqual([3.5, 7]);
    checked(0.012);
    const [set, agreed] = sigmas() as [number, number];
    expect(set).toBeGreaterThan(10);
    expect(agreed).toBe(set);
  });
});
