import { FAMILIES, type Family, type Standing } from '../measure';
import { familyScores, type ScoredMeasure } from './familyScores';
import { lookSchedule } from './lookSchedule';
import { trackChecks } from './trackChecks';
import type { TrackedCheck } from './trackedCheck';

const IN = Object.fromEntries(FAMILIES.map((family) => [family, 'in'])) as Record<Family, Standing>;
const depth = (value: number): ScoredMeasure => ({
  family: 'fingers',
  value,
  band: { lo: 1.1, hi: 1.9 },
  sem: 0.15,
});
const lead = (value: number): ScoredMeasure => ({
  family: 'fingers',
  value,
  band: { lo: 15, hi: 35 },
  sem: 3,
});

describe('familyScores', () => {
  it('is the room of the narrowest checkpoint in standard errors, negative outside', () => {
    expect(familyScores([depth(1.6), lead(25)]).fingers).toBeCloseTo(0.3 / 0.15, 9);
    expect(familyScores([depth(1.5), lead(38)]).fingers).toBeCloseTo(-1, 9);
    expect(familyScores([depth(1.5)]).thumb).toBeNull();
  });

  it('does not count what has no band, and an open end is no edge', () => {
    const open = { ...lead(60), band: { lo: 25 } };
    expect(familyScores([{ ...depth(9), band: null }, open]).fingers).toBeCloseTo(35 / 3, 9);
  });
});

describe('trackChecks', () => {
  const weekly = (values: readonly number[], standings = () => IN): TrackedCheck[] =>
    values.map((value, i) => ({
      day: 7 * i,
      context: 'playing-start',
      standings: standings(),
      measures: { indexDepth: depth(value), indexLead: lead(25) },
    }));
  const still = Array<number>(12).fill(1.5);
  const slid = [1.6, 1.7, 1.8, 1.8, 1.8, 1.8, 1.8, 1.8];

  it('raises a family whose one finger slides, though nothing else moves', () => {
    const { drifts } = trackChecks(weekly([...still, ...slid]));
    expect(drifts.map(({ series }) => series)).toEqual(['fingers']);
    expect(drifts[0]!.by).toBeLessThan(0);
    expect(drifts[0]!.sinceDay).toBeGreaterThanOrEqual(7 * 12);
  });

  it('charts the checkpoint that is worked on besides', () => {
    const { drifts } = trackChecks(weekly([...still, ...slid]), { workingOn: 'indexDepth' });
    expect(drifts.map(({ series }) => series)).toEqual(['fingers', 'indexDepth']);
  });

  it('does not call it drift when there is more room than before', () => {
    const narrow = Array<number>(12).fill(1.8);
    expect(trackChecks(weekly([...narrow, 1.6, ...Array<number>(8).fill(1.5)])).drifts).toEqual([]);
  });

  it('does not chart a hold that is not settled', () => {
    const out = { ...IN, fingers: 'out' as const };
    expect(trackChecks(weekly([...still, ...slid], () => out)).drifts).toEqual([]);
  });

  it('begins anew after a planned change', () => {
    const restarts = [{ day: 7 * 12, why: 'school' as const }];
    const track = trackChecks(weekly([...still, ...slid]), { restarts });
    expect(track.drifts).toEqual([]);
    expect(track.baselineFrom).toBe(84);
    expect(track.changes.find(({ checkpoint }) => checkpoint === 'indexDepth')!.fromDay).toBe(126);
  });

  it('begins only those series anew whose bands were changed, and loses nothing by it', () => {
    const moved = (checks: TrackedCheck[]): TrackedCheck[] =>
      checks.map((check) =>
        check.day < 7 * 12
          ? check
          : {
              ...check,
              standings: { ...IN, fingers: 'out' },
              measures: { ...check.measures, indexDepth: { ...depth(1.5), band: { hi: 1.2 } } },
            },
      );
    const looks = moved(weekly(Array<number>(14).fill(1.5)));
    const restarts = [{ day: 7 * 12, why: 'bands' as const, series: ['indexDepth'] }];
    const told = trackChecks(looks, { restarts });
    // What is out by other bands was not lost.
    expect(trackChecks(looks).schedule.last).toBe('lapse');
    expect(lookSchedule(looks.slice(0, 13)).last).toBe('outOnce');
    expect(trackChecks(looks, { restarts }).schedule.last).toBe('notYet');
    expect(told.baselineFrom).toBeNull();
    const fromDay = (name: string) =>
      told.changes.find(({ checkpoint }) => checkpoint === name)?.fromDay;
    expect([fromDay('indexDepth'), fromDay('indexLead')]).toEqual([84, 84]);
    expect(told.trends.map(({ checkpoint }) => checkpoint)).toEqual(['indexLead']);
  });

  it('takes no step of a family’s room for drift where a band was widened', () => {
    const looks = weekly([...still, ...still]).map((check) =>
      check.day < 7 * 12
        ? { ...check, measures: { ...check.measures, indexDepth: depth(1.5) } }
        : {
            ...check,
            measures: { ...check.measures, indexDepth: { ...depth(1.5), band: { lo: 1.45 } } },
          },
    );
    const restarts = [{ day: 7 * 12, why: 'bands' as const, series: ['indexDepth'] }];
    expect(trackChecks(looks).drifts.map(({ series }) => series)).toEqual(['fingers']);
    expect(trackChecks(looks, { restarts }).drifts).toEqual([]);
    expect(trackChecks(looks, { restarts }).schedule.settled).toBe(true);
  });
});
