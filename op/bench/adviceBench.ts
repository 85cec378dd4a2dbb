import { HOLD_IDS } from '@open-palm/core/holds';
import { adviceTrial, type TrialResult, type Truth } from './adviceTrial';

/** So many students are drawn in all, from every hold, at every share of looked-at signs. */
const STUDENTS = 20_000;
const SHARES = [
  { looked: 1, target: 0.88 },
  { looked: 0.6, target: 0.83 },
  { looked: 0.35, target: 0.76 },
] as const;
const LIKE_OURS: Truth = { moved: 0.25, rewired: 0 };
const UNLIKE_OURS: Truth = { moved: 0.25, rewired: 0.3 };

/** Prints how often the first thing said fits a true cause: as it would be without the rules, with them, with the question. */
function adviceReadings(): void {
  for (const [name, truth] of [
    ['like the app’s', LIKE_OURS],
    ['with three links in ten another', UNLIKE_OURS],
  ] as const) {
    console.log(`\nStudents drawn from networks ${name}: the first thing said fits a true cause`);
    for (const { looked, target } of SHARES) {
      const byHold = HOLD_IDS.map((hold, i) =>
        adviceTrial(hold, {
          students: Math.round(STUDENTS / SHARES.length / HOLD_IDS.length / 2),
          looked,
          truth,
          seed: i + 1,
        }),
      );
      const mean = (of: (result: TrialResult) => number) =>
        byHold.reduce((sum, result) => sum + of(result), 0) / byHold.length;
      const least = Math.min(...byHold.map(({ asked, plain }) => asked - plain));
      const share = (x: number) => x.toFixed(3);
      console.log(
        `  ${(100 * looked).toFixed(0)} % looked at: plain ${share(mean((r) => r.plain))}, rules ${share(mean((r) => r.rules))}, ` +
          `question ${share(mean((r) => r.asked))} (target ${target}), within three ${share(mean((r) => r.withinThree))}; ` +
          `asked ${share(mean((r) => r.questions))} (at most 0.4); least gain of a hold ${share(least)}`,
      );
    }
  }
  console.log('');
}

adviceReadings();
