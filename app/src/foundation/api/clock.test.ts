import { noteStudioTime, studioNow } from './clock';

const HOUR = 3_600_000;
const at = (ms: number) => new Date(ms).toUTCString();
const DEVICE = Date.parse('2026-11-29T12:00:00Z');

beforeEach(() => jest.useFakeTimers({ now: DEVICE }));
afterEach(() => {
  noteStudioTime(at(Date.now()));
  jest.useRealTimers();
});

describe('what time it is', () => {
  it('is the device’s, as long as the studio’s clock is near', () => {
    noteStudioTime(at(DEVICE + 3 * HOUR));
    expect(studioNow().getTime()).toBe(DEVICE);
  });

  it('is the studio’s, where the device is half a day off or more; and goes on with time', () => {
    noteStudioTime(at(DEVICE - 400 * 24 * HOUR));
    expect(studioNow().getTime()).toBe(DEVICE - 400 * 24 * HOUR);
    jest.advanceTimersByTime(HOUR);
    expect(studioNow().getTime()).toBe(DEVICE - 400 * 24 * HOUR + HOUR);
  });

  it('does not jump about by the seconds that an answer takes, and is the device’s again once that is right', () => {
    noteStudioTime(at(DEVICE + 24 * HOUR));
    noteStudioTime(at(DEVICE + 24 * HOUR - 30_000));
    expect(studioNow().getTime()).toBe(DEVICE + 24 * HOUR);
    noteStudioTime(at(DEVICE));
    expect(studioNow().getTime()).toBe(DEVICE);
  });

  it.each([null, '', 'yesterday'])('hears nothing in %j', (date) => {
    noteStudioTime(date);
    expect(studioNow().getTime()).toBe(DEVICE);
  });
});
