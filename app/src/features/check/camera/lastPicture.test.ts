import type { CheckSummary } from '@open-palm/contract';
import { lastPictureOf } from './lastPicture';

const check = (...pictures: CheckSummary['pictures']) => ({ pictures }) as CheckSummary;

describe('lastPictureOf', () => {
  const history = [
    check({ id: 'new-profile', view: 'profile', place: null }),
    check({ id: 'side', view: 'finger-side', place: null }),
    check({ id: 'old-profile', view: 'profile', place: 'heel' }),
  ];

  it('is the newest one from that very view', () => {
    expect(lastPictureOf(history, 'profile')).toBe('new-profile');
    expect(lastPictureOf(history, 'finger-side')).toBe('side');
    expect(lastPictureOf(history, 'thumb-side')).toBeNull();
  });
});
