import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describeIssue } from '@open-palm/words/describe';
import { InputError } from '@open-palm/core/issue';
import { trackFile } from './trackFile';

const example = JSON.parse(
  readFileSync(join(__dirname, '../../docs/examples/track.json'), 'utf8'),
) as { hold: string; checks: { on: string; values: Record<string, number> }[] };

const refusal = (content: unknown): string[] => {
  try {
    trackFile(content);
  } catch (error) {
    if (error instanceof InputError) return error.issues.map(describeIssue);
    throw error;
  }
  return [];
};

describe('trackFile', () => {
  it('answers the documented example: a settled hold whose index sinks deeper unnoticed', () => {
    const { drifts, trends, settled, nextLook, changes } = trackFile(example);
    expect(settled).toBe(true);
    const index = drifts.find(({ series }) => series === 'indexDepth')!;
    expect(index.by).toBeGreaterThan(0.2);
    expect(index.since > '2026-04-01').toBe(true);
    // Between any two checks nothing real was to be seen.
    expect(changes.every(({ code }) => code === 'noRealChange')).toBe(true);
    expect(trends.find(({ checkpoint }) => checkpoint === 'indexDepth')!.perWeek).toBeGreaterThan(
      0,
    );
    expect(new Date(`${nextLook}T00:00:00Z`).getUTCDay()).toBe(3);
  });

  it('does not raise it before the slide', () => {
    const before = { ...example, checks: example.checks.slice(0, 12) };
    expect(trackFile(before).drifts).toEqual([]);
  });

  it('never calls a planned change drift: it begins anew', () => {
    const restarts = [{ on: example.checks[12]!.on, why: 'bow' }];
    const { drifts, baselineFrom } = trackFile({ ...example, restarts });
    expect(drifts).toEqual([]);
    expect(baselineFrom).toBe(example.checks[12]!.on);
  });

  it('tells a real change from one that forming the hold afresh makes', () => {
    const two = (to: number) =>
      trackFile({
        hold: 'violin-shallow',
        checks: [
          { on: '2026-01-07', values: { thumbIpFlexion: 30 } },
          { on: '2026-01-14', values: { thumbIpFlexion: to } },
        ],
      }).changes[0]!;
    expect(two(42)).toMatchObject({ code: 'noRealChange', by: 12 });
    expect(two(46)).toMatchObject({ code: 'realChange', fromDate: '2026-01-07' });
  });

  it('tells how sure all lessons together are, and asks for a better picture where two tell nothing', () => {
    const week = (n: number) => new Date(Date.UTC(2026, 0, 7 + 7 * n)).toISOString().slice(0, 10);
    const weekly = (...depths: number[]) =>
      trackFile({
        hold: 'violin-shallow',
        checks: depths.map((indexDepth, i) => ({ on: week(i), values: { indexDepth } })),
      });
    const good = weekly(1.5, 1.55, 1.45, 1.5);
    expect(good).toMatchObject({ settled: true, last: 'good', wanted: null });
    expect(good.families.fingers).toBeGreaterThan(0.95);
    expect(good.families.thumb).toBeNull();
    // At the very end of its band nothing is told by one look, nor by two.
    expect(weekly(1.9).wanted).toBeNull();
    expect(weekly(1.9, 1.9)).toMatchObject({ last: 'unsure', wanted: 'betterPicture' });
  });

  it('tells what lessons cost, from their start to their end', () => {
    const day = (on: string) => [
      { on, context: 'playing-start', values: { thumbIpFlexion: 40 } },
      { on, context: 'playing-end', values: { thumbIpFlexion: 30 } },
    ];
    const checks = ['2026-01-07', '2026-01-14', '2026-01-21'].flatMap(day);
    expect(trackFile({ hold: 'violin-shallow', checks }).stamina).toEqual([
      { checkpoint: 'thumbIpFlexion', lessons: 3, drop: -10, change: 'realChange' },
    ]);
  });

  it('refuses what is no track file, saying where', () => {
    expect(refusal({ hold: 'violin-shallow', checks: [] })[0]).toMatch(/^checks: is empty/);
    const swapped = [...example.checks].reverse();
    expect(refusal({ ...example, checks: swapped })[0]).toMatch(/checks\[1\]\.on.*in their order/);
    const odd = [{ on: '2026-13-01', values: {} }];
    expect(refusal({ ...example, checks: odd })[0]).toMatch(/checks\[0\]\.on/);
    expect(refusal({ ...example, hold: 'banjo' })[0]).toMatch(/hold/);
  });
});
