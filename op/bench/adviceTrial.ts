import { adaptHold, holdById } from '@open-palm/core/holds';
import {
  advise,
  causesOf,
  EXCLUSIVE,
  fittingCues,
  NUMBERS,
  signsOf,
  type Finding,
} from '@open-palm/core/judge';

/** A source of random numbers that gives the same ones for the same seed (mulberry32). */
export function seeded(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4_294_967_296;
  };
}

/** How the drawn students differ from what the app knows. */
export interface Truth {
  /** Every number is moved by up to this share, either way. */
  moved: number;
  /** Share of the links that are another: left out, given to another cause, or added. */
  rewired: number;
}

export interface TrialResult {
  students: number;
  /** Share in which the first thing said fits a true cause: the likeliest cause as it is, with the rules, with the question. */
  plain: number;
  rules: number;
  asked: number;
  /** Share in which one of the first three things said fits, and in which a question was asked. */
  withinThree: number;
  questions: number;
}

/**
 * Draws students of a hold from a network like the app's and counts how often the first thing said fits a true cause.
 *
 * @param looked share of the signs that were looked at
 */
export function adviceTrial(
  holdId: string,
  {
    students,
    looked,
    truth,
    seed,
  }: { students: number; looked: number; truth: Truth; seed: number },
): TrialResult {
  const random = seeded(seed);
  const hold = adaptHold(holdById(holdId), {}, { bow: 1, hand: 1 });
  const causes = causesOf(hold);
  const signs = signsOf(hold).filter(({ levels }) => !levels);
  const around = (value: number) => Math.min(0.97, value * (1 + truth.moved * (2 * random() - 1)));
  const count = { students: 0, plain: 0, rules: 0, asked: 0, withinThree: 0, questions: 0 };
  const ladders = new Map(
    causes.map(({ id, cues }) => [id, fittingCues(cues, hold, 'playing-start')]),
  );

  while (count.students < students) {
    const priors = causes.map(({ commonestOn }) =>
      around(commonestOn?.includes(hold.bow) ? NUMBERS.priorOfCommonest : NUMBERS.prior),
    );
    const there = new Set(causes.filter((_, i) => random() < priors[i]!).map(({ id }) => id));
    for (const group of EXCLUSIVE) {
      const both = group.filter((id) => there.has(id));
      for (const id of both.slice(1)) there.delete(id);
    }
    if (there.size === 0) continue;
    const links = causes.map(({ signs: linked }) => linked.map((link) => rewire(link)));
    const findings: Finding[] = [];
    const unseen = new Map<string, boolean>();
    for (const { id } of signs) {
      let quiet = 1 - around(NUMBERS.leak);
      causes.forEach((cause, i) => {
        const link = there.has(cause.id) ? links[i]!.find(({ sign }) => sign === id) : undefined;
        if (link) quiet *= 1 - around(NUMBERS.linkByRank[link.rank - 1]!);
      });
      const present = random() > quiet;
      if (random() < looked) findings.push({ sign: id, present, group: id });
      else unseen.set(id, present);
    }
    if (!findings.some(({ present }) => present)) continue;
    const facts = { hold, context: 'playing-start' as const };
    const advice = advise(findings, facts);
    if (advice.kind !== 'toWorkOn' || advice.contradictions.length > 0) continue;
    const fits = (cue: string | undefined) =>
      cue !== undefined && [...there].some((id) => ladders.get(id)!.includes(cue));
    const top = advice.ranked[0];
    count.students += 1;
    count.plain += Number(fits(top && ladders.get(top.cause.id)![0]));
    count.rules += Number(fits(advice.points[0]?.cues[0]));
    const { ask } = advice;
    const answer = ask ? unseen.get(ask.sign) : undefined;
    const after =
      ask && answer !== undefined
        ? advise([...findings, { sign: ask.sign, present: answer, group: ask.sign }], {
            ...facts,
            asks: false,
          })
        : advice;
    if (after.kind !== 'toWorkOn') continue;
    count.questions += Number(ask !== null);
    count.asked += Number(fits(after.points[0]?.cues[0]));
    const [first, second] = after.points;
    count.withinThree += Number([first?.cues[0], second?.cues[0], first?.cues[1]].some(fits));
  }

  function rewire(link: { sign: string; rank: number }): { sign: string; rank: number } {
    if (random() >= truth.rewired) return link;
    const way = random();
    const other = signs[Math.floor(random() * signs.length)]!.id;
    if (way < 1 / 3) return { sign: '', rank: link.rank };
    if (way < 2 / 3) return { sign: other, rank: link.rank };
    return { sign: link.sign, rank: 1 + Math.floor(random() * 4) };
  }
  const share = (n: number) => n / count.students;
  return {
    students: count.students,
    plain: share(count.plain),
    rules: share(count.rules),
    asked: share(count.asked),
    withinThree: share(count.withinThree),
    questions: share(count.questions),
  };
}
