import { HOLD_IDS, holdById } from '../../../holds';
import { causesOf } from '../../../judge/knowledge';
import { unsafeUniformIntDistribution, xoroshiro128plus } from 'pure-rand';
import { DRILLS, NEEDS } from '../../drills';
import { LEVELS } from '../../testSchema';
import type { PlanDay, PlanFacts } from '../planFacts';

/** So many days from one on, with the instrument on all but those. */
export const daysFrom = (day: number, count: number, without: readonly number[] = []): PlanDay[] =>
  Array.from({ length: count }, (_, i) => ({ day: day + i, withInstrument: !without.includes(i) }));

/** A violinist of ten with a straight thumb, a week until the lesson. */
export const STUDENT: PlanFacts = {
  days: daysFrom(20_000, 7),
  minutesADay: 6,
  hold: holdById('violin-shallow'),
  student: {
    age: 10,
    level: 'beginner',
    isHypermobile: false,
    hurts: false,
    wasTired: false,
    carrySeconds: null,
  },
  has: [],
  causes: { thumbOnItsPad: 0.7, squeezes: 0.3 },
  history: {},
  locked: [],
  dropped: [],
};

/** Any student at all, on any hold: also one that hurts, a young child, a hypermobile hand. */
export function anyFacts(seed: number, most: { days: number; causes: number }): PlanFacts {
  const generator = xoroshiro128plus(seed);
  const random = () => unsafeUniformIntDistribution(0, 0xffffffff, generator) / 2 ** 32;
  const upTo = (n: number) => Math.floor(random() * n);
  const some = <T>(list: readonly T[], share: number) => list.filter(() => random() < share);
  const hold = holdById(HOLD_IDS[upTo(HOLD_IDS.length)]!);
  const causes = causesOf(hold).map(({ id }) => id);
  const count = 1 + upTo(most.days);
  return {
    days: daysFrom(20_000, count, some([...Array(count).keys()], 0.3)),
    minutesADay: 1 + upTo(15),
    hold,
    student: {
      age: random() < 0.2 ? null : 5 + upTo(50),
      level: LEVELS[upTo(LEVELS.length)]!,
      isHypermobile: random() < 0.2,
      hurts: random() < 0.1,
      wasTired: random() < 0.3,
      carrySeconds: random() < 0.5 ? null : 20 * random(),
    },
    has: some(NEEDS, 0.5),
    causes: Object.fromEntries(
      Array.from({ length: 1 + upTo(most.causes) }, () => [causes[upTo(causes.length)]!, random()]),
    ),
    history: Object.fromEntries(
      some(DRILLS, 0.4).map(({ id, stages }) => [
        id,
        {
          stage: 1 + upTo(stages.length),
          daysDone: upTo(12),
          effectScale: 0.5 + random(),
        },
      ]),
    ),
    locked: [],
    dropped: some(DRILLS, 0.1).map(({ id }) => id),
  };
}
