import { holdById } from '../holds';
import { InputError } from '../issue';
import { analyseStroke } from './analyseStroke';
import { compareTakes } from './compareTakes';
import { strokeIssues } from './strokeSeries';
import { strokeVerdicts } from './strokeVerdicts';
import { PLAYERS, simulatedTake } from './testing/takes';

const violin = holdById('violin-shallow');
const codes = (player: keyof typeof PLAYERS, more = {}) =>
  strokeVerdicts(analyseStroke(simulatedTake(PLAYERS[player], more)), violin).map(
    ({ code }) => code,
  );

describe('simulated players', () => {
  it('supple: in its range, at its places, back toward the point', () => {
    expect(codes('supple')).toEqual(['supple', 'placeIn', 'placeIn', 'placeIn', 'turnsAsWanted']);
  });

  it('locked: hardly any range, and so no direction', () => {
    expect(codes('locked')[0]).toBe('locked');
    expect(codes('locked')).toContain('turnUnclear');
  });

  it('compensating: too wide, while thumb and little finger are quiet', () => {
    expect(codes('compensating').slice(0, 2)).toEqual(['tooWide', 'compensating']);
  });

  it('stay what they are at other rates, tempi and more noise', () => {
    for (const more of [
      { rateHz: 25, strokeS: 2 },
      { rateHz: 60, noiseDeg: 1.5 },
      { rateHz: 10, strokeS: 2 },
      { strokes: 1 },
    ]) {
      expect(codes('supple', more)[0]).toBe('supple');
      expect(codes('locked', more)[0]).toBe('locked');
      expect(codes('compensating', more)[0]).toBe('tooWide');
    }
  });

  it('are not called locked where the wrist is still and the noise alone is as large as what could be told', () => {
    const still = { wrist: [5, 5], thumb: [42, 28], little: [58, 30] } as const;
    const said = (noiseDeg: number, seed: number) =>
      strokeVerdicts(analyseStroke(simulatedTake(still, { noiseDeg, seed })), violin)[0]!.code;
    for (const seed of [1, 2, 3, 4, 5, 6]) {
      expect(said(3, seed)).toBe('notEnough');
      expect(said(4, seed)).toBe('notEnough');
      // With little noise a still wrist is a locked one, and so is one whose noise is known.
      expect(said(0.5, seed)).toBe('locked');
      const take = simulatedTake(still, { noiseDeg: 3, seed });
      const known = analyseStroke({ ...take, noiseSd: { wristFlexion: 3 } });
      expect(strokeVerdicts(known, violin)[0]!.code).toBe('locked');
    }
  });

  it('know their range to within a degree or two, and who steers', () => {
    const { ranges, steeringShare } = analyseStroke(simulatedTake(PLAYERS.supple));
    // A minimum-jerk stroke lingers at its ends: 5th to 95th percentile is nearly all of 24°.
    expect(ranges.wristFlexion!.deg).toBeGreaterThan(21.5);
    expect(ranges.wristFlexion!.deg).toBeLessThan(24.5);
    // 24 of 24 + (14 + 28) / 2.
    expect(steeringShare).toBeCloseTo(24 / 45, 1);
  });

  it('says of a wide wrist whose fingers were not seen only that it is wide', () => {
    const take = simulatedTake(PLAYERS.compensating);
    const { thumbIp: _, ...channels } = take.channels;
    const told = strokeVerdicts(analyseStroke({ ...take, channels }), violin);
    expect(told[0]!.code).toBe('tooWide');
    expect(told.map(({ code }) => code)).not.toContain('compensating');
  });

  it('has no verdict on direction for a German bass', () => {
    const told = strokeVerdicts(
      analyseStroke(simulatedTake(PLAYERS.supple)),
      holdById('german-bass'),
    );
    expect(told.map(({ code }) => code).filter((code) => code.startsWith('turn'))).toEqual([]);
  });
});

describe('cutting at the turns', () => {
  it('finds four strokes by the bow’s place, down and up in turn', () => {
    const { strokes } = analyseStroke(simulatedTake(PLAYERS.supple));
    expect(strokes.map(({ direction }) => direction)).toEqual(['down', 'up', 'down', 'up']);
    strokes.forEach(({ fromS, toS }, i) => {
      expect(Math.abs(fromS - i)).toBeLessThan(0.07);
      expect(Math.abs(toS - (i + 1))).toBeLessThan(0.07);
    });
  });

  it('finds them by the wrist where the bow’s place was not seen', () => {
    const take = simulatedTake(PLAYERS.supple);
    const { bowPlace: _, ...channels } = take.channels;
    const { strokes, means } = analyseStroke({ ...take, channels });
    expect(strokes).toHaveLength(4);
    expect(strokes.every(({ direction }) => direction === null)).toBe(true);
    expect(means).toEqual({ heel: null, middle: null, point: null });
  });

  it('takes a locked wrist without a bow for one stroke', () => {
    const take = simulatedTake(PLAYERS.locked);
    const { bowPlace: _, ...channels } = take.channels;
    expect(analyseStroke({ ...take, channels }).strokes).toHaveLength(1);
  });

  it('is corrected by hand', () => {
    const cuts = [{ fromS: 0, toS: 2, direction: 'down' as const }];
    expect(analyseStroke(simulatedTake(PLAYERS.supple), cuts).strokes).toHaveLength(1);
  });
});

describe('compareTakes', () => {
  it('tells how a wrist tightened from the start of a lesson to its end', () => {
    const start = analyseStroke(simulatedTake(PLAYERS.supple));
    const end = analyseStroke(simulatedTake(PLAYERS.locked, { seed: 12 }));
    const { range, means, sameTempo, smoothness } = compareTakes(start, end);
    expect(range!.deg).toBeLessThan(-18);
    expect(Math.abs(range!.deg)).toBeGreaterThan(4 * range!.sd);
    expect(means.heel!.deg).toBeLessThan(-8);
    expect(sameTempo).toBe(true);
    expect(smoothness).not.toBeNull();
  });

  it('does not compare smoothness over tempi', () => {
    const slow = analyseStroke(simulatedTake(PLAYERS.supple, { strokeS: 2 }));
    const { sameTempo, smoothness } = compareTakes(
      analyseStroke(simulatedTake(PLAYERS.supple)),
      slow,
    );
    expect([sameTempo, smoothness]).toEqual([false, null]);
  });
});

describe('strokeIssues', () => {
  const take = simulatedTake(PLAYERS.supple, { strokes: 1, rateHz: 4 });
  const issue = (change: Partial<typeof take>) =>
    strokeIssues({ ...take, ...change }).map(({ code, where }) => `${code} at ${where}`);

  it('finds nothing wrong with a take', () => {
    expect(strokeIssues(take)).toEqual([]);
    expect(() => {
      const issues = strokeIssues(take);
      if (issues.length) throw new InputError(issues);
    }).not.toThrow();
  });

  it('says which time is out of order or stands there twice', () => {
    expect(issue({ timesS: [0, 0.5, 0.25, 0.75, 1] })).toEqual(['timeBackward at timesS[2]']);
    expect(issue({ timesS: [0, 0.25, 0.25, 0.75, 1] })).toEqual(['timeRepeated at timesS[2]']);
  });

  it('says what is too short, too long, without a wrist, or in other units', () => {
    expect(issue({ timesS: [0, 1] })).toEqual(['tooFewFrames at timesS']);
    expect(issue({ timesS: [0, 100, 200, 300, 400] })).toEqual(['takeTooLong at timesS']);
    expect(issue({ channels: { thumbIp: [1, 2, 3, 4, 5] } })).toEqual([
      'noWrist at channels.wristFlexion',
    ]);
    expect(issue({ channels: { ...take.channels, bowPlace: [0, 25, 50, 75, 100] } })).toHaveLength(
      4,
    );
  });
});
