import { HOLD_IDS, holdById } from './holds';
import { CAUSES, CUES, SIGNS } from './judge';
import { CONTEXTS, MEASURE_IDS, PLACES, VIEWS } from './measure';
import { AIDS, WHOLE_HAND_TESTS } from './practice';
import released from './releasedIds.json';

const idsOf = (list: readonly { id: string }[]) => list.map(({ id }) => id);

/** Everything by which stored records name something of ours. */
const now: Readonly<Record<string, readonly string[]>> = {
  holds: HOLD_IDS,
  settings: HOLD_IDS.flatMap((hold) =>
    holdById(hold).settings.flatMap(({ id, options }) =>
      options.map((option) => `${hold} ${id} ${option.id}`),
    ),
  ),
  signs: idsOf(SIGNS),
  causes: idsOf(CAUSES),
  cues: idsOf(CUES),
  measures: MEASURE_IDS,
  contexts: CONTEXTS,
  places: PLACES,
  views: VIEWS,
  tests: idsOf(WHOLE_HAND_TESTS),
  aids: idsOf(AIDS),
};

it.each(Object.keys(now))(
  'no released id of %s is ever taken away: what is stored names it',
  (what) => {
    expect(now[what]).toEqual(
      expect.arrayContaining((released as Readonly<Record<string, readonly string[]>>)[what]!),
    );
  },
);

it('every id there is has been released: a new one is added to the list', () => {
  for (const [what, ids] of Object.entries(now)) {
    expect((released as Readonly<Record<string, readonly string[]>>)[what]).toEqual(
      expect.arrayContaining([...ids]),
    );
  }
});
