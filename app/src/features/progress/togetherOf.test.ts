import type { TrackStanding } from '@open-palm/core/track';
import { togetherOf } from './togetherOf';

const standing = (fingers: number | null, drifting = false) =>
  ({
    schedule: { families: { thumb: null, fingers, little: null, wrist: null } },
    drifts: drifting ? [{ series: 'fingers', sinceDay: 1, target: 2, by: -1 }] : [],
  }) as unknown as TrackStanding;

describe('what lessons together say', () => {
  it('is in, out or not told yet, and nothing where nobody looked', () => {
    expect(togetherOf(standing(0.97), 'fingers')).toBe('in');
    expect(togetherOf(standing(0.6), 'fingers')).toBe('open');
    expect(togetherOf(standing(0.1), 'fingers')).toBe('out');
    expect(togetherOf(standing(null), 'fingers')).toBeNull();
  });

  it('is not said of a family that drifts, however long it was in before', () => {
    expect(togetherOf(standing(0.99, true), 'fingers')).toBeNull();
  });
});
