import fc from 'fast-check';
import { v7 as uuidv7 } from 'uuid';
import {
  FELT,
  LOG_WAYS,
  RESTARTS,
  TERM_READERS,
  TURN_RESULTS,
  type LogEntry,
} from '@open-palm/contract';
import { CAUSES, SIGNS } from '@open-palm/core/judge';
import { FAMILIES, MEASURE_IDS, PLACES } from '@open-palm/core/measure';
import { PORTRAIT_VIEWS } from '@open-palm/core/portrait/views';
import { AIDS, DRILLS, NEEDS, TEST_PARTS, WHOLE_HAND_TESTS } from '@open-palm/core/practice';

/** Notes of every kind that the contract knows; a kind that is missing here fails by its name. */
export function everyLogEntry(
  checkId: string,
  {
    text,
    instant,
  }: { text: (most: number) => fc.Arbitrary<string>; instant: fc.Arbitrary<string> },
) {
  const day = instant.map((at) => at.slice(0, 10));
  const word = fc.option(text(400));
  const cause = fc.constantFrom(...CAUSES.map(({ id }) => id));
  const effect = fc.option(fc.constantFrom('better', 'same', 'worse'));
  const count = fc.integer({ min: 0, max: 1000 });
  const seconds = fc.double({ min: 0, max: 3600, noNaN: true });
  const of = fc.constant(uuidv7());
  const look = fc.constant(checkId);
  const xMm = fc.double({ min: -400, max: 800, noNaN: true });
  const result = fc.record(
    {
      seconds,
      clean: fc.integer({ min: 0, max: 100 }),
      angleDeg: fc.double({ min: 0, max: 90, noNaN: true }),
      downToDeg: fc.double({ min: 0, max: 90, noNaN: true }),
      counts: count,
      steps: count,
      breaks: count,
      part: fc.constantFrom(...TEST_PARTS),
      answers: fc.dictionary(text(40), text(40), { maxKeys: 3 }),
      placements: fc.array(
        fc.record({
          seconds,
          xMm: fc.record({ thumb: xMm, index: xMm, middle: xMm, ring: xMm, little: xMm }),
        }),
        { maxLength: 6 },
      ),
      bpm: fc.double({ min: 1, max: 400, noNaN: true }),
    },
    { requiredKeys: [] },
  );
  const drill = fc.constantFrom(...DRILLS.map(({ id }) => id));
  const planned = fc.record({
    drill,
    stage: fc.integer({ min: 1, max: 9 }),
    turns: fc.integer({ min: 1, max: 20 }),
    minutesATurn: fc.integer({ min: 0, max: 20 }),
    load: fc.constantFrom(0, 1, 2),
  });
  const kinds: Record<LogEntry['kind'], Record<string, fc.Arbitrary<unknown>>> = {
    cue: {
      checkId: look,
      cause: fc.option(cause),
      cue: text(80),
      outcome: fc.constantFrom('worked', 'notYet', 'skip'),
    },
    cueWord: { of, sound: effect, ease: effect, word },
    ownCue: { cause, words: text(200) },
    cause: { checkId: look, cause, instead: fc.option(cause), word },
    verdict: {
      checkId: look,
      measure: fc.constantFrom(...MEASURE_IDS),
      place: fc.option(fc.constantFrom(...PLACES)),
      verdict: fc.constantFrom('in', 'low', 'high'),
      word,
    },
    hurt: { what: fc.constantFrom('pain', 'numb'), word },
    answer: {
      checkId: look,
      sign: fc.constantFrom(...SIGNS.map(({ id }) => id)),
      seen: fc.option(fc.boolean()),
    },
    cleared: { hurt: of },
    test: {
      checkId: fc.option(look),
      test: fc.constantFrom(...WHOLE_HAND_TESTS.map(({ id }) => id)),
      result,
    },
    promise: { words: text(200), due: day },
    promiseState: { of, state: fc.constantFrom('kept', 'dropped', 'open') },
    aid: { aid: fc.constantFrom(...AIDS.map(({ id }) => id)), from: day, off: day },
    aidStep: { of, step: fc.integer({ min: 1, max: 10 }), done: fc.boolean() },
    planned: { why: fc.constantFrom(...RESTARTS), on: day, word },
    experiment: {
      words: text(200),
      sound: effect,
      ease: effect,
      keep: fc.option(fc.constantFrom('keep', 'drop')),
    },
    built: {
      order: text(40),
      rounds: fc.integer({ min: 1, max: 50 }),
      seconds: fc.double({ min: 0, max: 36_000, noNaN: true }),
    },
    plan: {
      replaces: fc.option(of),
      called: text(40),
      lesson: day,
      minutesADay: fc.integer({ min: 1, max: 120 }),
      withoutInstrument: fc.array(day, { maxLength: 7 }),
      has: fc.subarray([...NEEDS]),
      causes: fc.dictionary(cause, fc.double({ min: 0, max: 1, noNaN: true }), { maxKeys: 5 }),
      stages: fc.dictionary(drill, fc.integer({ min: 1, max: 9 }), { maxKeys: 3 }),
      days: fc.array(
        fc.record({
          on: day,
          phase: fc.option(fc.integer({ min: 1, max: 9 })),
          drills: fc.array(planned, { maxLength: 4 }),
        }),
        { minLength: 1, maxLength: 14 },
      ),
    },
    practised: {
      of,
      via: fc.constantFrom(...LOG_WAYS),
      entries: fc.array(
        fc.record(
          {
            day,
            drill,
            stage: fc.integer({ min: 1, max: 9 }),
            turn: fc.integer({ min: 1, max: 20 }),
            seconds: fc.integer({ min: 0, max: 7200 }),
            result: fc.constantFrom(...TURN_RESULTS),
            felt: fc.constantFrom(...FELT),
          },
          { requiredKeys: ['day', 'drill', 'stage', 'turn', 'seconds', 'result'] },
        ),
        { maxLength: 20 },
      ),
    },
    term: {
      reader: fc.constantFrom(...TERM_READERS),
      from: day,
      until: day,
      view: fc.option(fc.constantFrom(...PORTRAIT_VIEWS)),
      words: fc.record({
        title: text(40),
        opening: text(100),
        families: fc.dictionary(fc.constantFrom(...FAMILIES), text(60), { maxKeys: 2 }),
        changed: fc.array(text(60), { maxLength: 2 }),
        worked: fc.array(text(60), { maxLength: 2 }),
        practised: fc.option(text(60)),
        help: text(60),
      }),
    },
  };
  return fc.oneof(
    ...Object.entries(kinds).map(([kind, parts]) =>
      fc.record({ kind: fc.constant(kind), madeAt: instant, ...parts }),
    ),
  );
}
