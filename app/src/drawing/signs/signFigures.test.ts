import { HOLD_IDS, holdById } from '@open-palm/core/holds';
import { signsOf } from '@open-palm/core/judge';
import { wrongFigure } from '../figures/wrongFigure';
import { SIGN_LINES } from './signLines';
import { signSpot } from './signSpots';

it.each(HOLD_IDS)('has a drawing for each sign that a look at %s asks a person for', (id) => {
  const hold = holdById(id);
  const asked = signsOf(hold).filter(({ from }) => 'look' in from && from.look !== 'setUp');
  expect(asked.length).toBeGreaterThan(8);
  const undrawn = asked
    .map((sign) => sign.id)
    .filter((sign) => !SIGN_LINES[sign] && !signSpot(sign, hold) && !wrongFigure(sign, hold));
  expect(undrawn).toEqual([]);
});
