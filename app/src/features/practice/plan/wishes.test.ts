import type { PlanWishes } from '@open-palm/records/practice';
import { isSettled, wished } from './wishes';

const NONE: PlanWishes = {
  from: '2026-11-03',
  lesson: '2026-11-10',
  minutesADay: 8,
  withoutInstrument: [],
  has: [],
  locked: [],
  dropped: [],
  moved: {},
  stages: {},
};

describe('what a teacher settles in a plan', () => {
  it('is locked until it is let go', () => {
    const locked = wished(wished(NONE, { kind: 'lock', drill: 'circles' }), {
      kind: 'lock',
      drill: 'circles',
    });
    expect(locked.locked).toEqual(['circles']);
    expect(isSettled(locked, 'circles')).toBe(true);
    expect(wished(locked, { kind: 'unlock', drill: 'circles' })).toEqual(NONE);
  });

  it('is out when it is dropped, whatever was settled before, and in again when it is locked', () => {
    const moved = wished(NONE, { kind: 'move', drill: 'circles', phase: 2 });
    const dropped = wished(moved, { kind: 'drop', drill: 'circles' });
    expect(dropped).toMatchObject({ dropped: ['circles'], moved: {}, locked: [] });
    const back = wished(dropped, { kind: 'lock', drill: 'circles' });
    expect(back).toMatchObject({ dropped: [], locked: ['circles'] });
  });

  it('is another one in its place, on days of its own, or a stage further', () => {
    expect(wished(NONE, { kind: 'swap', drill: 'circles', by: 'pendulum' })).toMatchObject({
      dropped: ['circles'],
      locked: ['pendulum'],
    });
    const moved = wished(wished(NONE, { kind: 'lock', drill: 'circles' }), {
      kind: 'move',
      drill: 'circles',
      phase: 2,
    });
    expect(moved).toMatchObject({ locked: [], moved: { circles: 2 } });
    expect(isSettled(moved, 'circles')).toBe(true);
    expect(wished(moved, { kind: 'everywhere', drill: 'circles' })).toEqual(NONE);
    expect(wished(NONE, { kind: 'stage', drill: 'circles', stage: 2 }).stages).toEqual({
      circles: 2,
    });
  });
});
