import { createHash } from 'node:crypto';
import { v7 as uuidv7 } from 'uuid';
import { capturesFromFile, readOpMeasureFile, type CheckInput } from '@open-palm/contract';
import { DERIVED_CODE } from '@open-palm/core/derivedCode';
import { HOLD_IDS } from '@open-palm/core/holds';
import { shippedHold } from '@open-palm/core/holds/archive';
import fingerSide from '../../../docs/examples/finger-side.json';
import twoViews from '../../../docs/examples/two-views.json';
import { GRIP } from '../testing/examples';
import { deriveLook } from './deriveLook';
import fingerprints from './fingerprints.json';

/** The documented example looks, and one answered by tap, judged by every hold. */
const looks: Pick<CheckInput, 'captures' | 'taps' | 'context'>[] = [
  { captures: capturesOf(fingerSide), taps: [], context: 'free' },
  { captures: capturesOf(twoViews), taps: [], context: 'free' },
  {
    captures: [],
    taps: [
      { measure: 'thumbIpFlexion', answer: { kind: 'value', value: 12, sd: 5 } },
      { measure: 'indexDepth', answer: { kind: 'fine' } },
      { measure: 'littlePlace', answer: { kind: 'category', category: 'off' } },
    ],
    context: 'heel',
  },
];

function capturesOf(file: unknown): CheckInput['captures'] {
  const id = uuidv7();
  return capturesFromFile(readOpMeasureFile(file)).map((capture) => ({
    id,
    pictureId: id,
    place: null,
    ...capture,
  })) as CheckInput['captures'];
}

/** Out of the archive: another version of a hold is no other code. */
const HOLD_VERSION = 2;

/** As far as every machine agrees: four digits. */
const rounded = (_key: string, value: unknown): unknown =>
  typeof value === 'number' && !Number.isInteger(value) ? Number(value.toPrecision(4)) : value;

it('is raised by whoever changes what is worked out of a look, so that what is stored is worked out anew', () => {
  const told = HOLD_IDS.map((holdId) =>
    looks.map((look) => {
      const hold = shippedHold(holdId, HOLD_VERSION)!;
      const grip = { ...GRIP, holdId, holdVersion: 0 };
      const input = { ...look, grip } as CheckInput;
      return deriveLook({ input, hold, relaxedHand: null });
    }),
  );
  const digest = createHash('sha256').update(JSON.stringify(told, rounded)).digest('hex');
  // One line is added for a new version; none is ever changed.
  expect({ [DERIVED_CODE]: digest.slice(0, 16) }).toEqual({
    [DERIVED_CODE]: (fingerprints as Readonly<Record<string, string>>)[DERIVED_CODE],
  });
});
