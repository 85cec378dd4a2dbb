import type { GripContacts } from '../measure/gripContacts';
import type { Measure } from '../measure/measures';
import { NOTHING_MEASURED } from './measuredGrip';
import { measuredOf, unseenDigits } from './measuredOf';

const number = (id: string, value: number) => ({ kind: 'number', id, value }) as unknown as Measure;

describe('what of a look shapes its drawn hand', () => {
  it('takes the value of no place before those of a place, and no value of what was only found good', () => {
    const looked = { kind: 'looked', id: 'ringDepth' } as unknown as Measure;
    const measures = measuredOf([
      number('wristFlexion', 10),
      number('wristFlexion', -20),
      number('thumbThrough', -3),
      looked,
    ]);
    expect(measures).toEqual({ wristFlexion: 10 });
  });
});

describe('what is drawn as unseen', () => {
  const { contacts } = NOTHING_MEASURED;
  const placed: GripContacts = {
    thumbXMm: 4,
    fingers: { ...contacts.fingers, index: { xMm: 25, u: 1.5, dMm: 0, touching: true } },
  };

  it('is a thumb whose bend nobody saw, wherever it stands', () => {
    expect(unseenDigits(placed, ['thumbPlace'])).toContain('thumb');
    expect(unseenDigits(placed, ['thumbIpFlexion'])).not.toContain('thumb');
  });

  it('is a finger of which nothing was seen; found good is seen', () => {
    expect(unseenDigits(placed, [])).toEqual(['thumb', 'middle', 'ring', 'little']);
    expect(unseenDigits(contacts, ['ringDepth', 'littlePlace', 'thumbIpFlexion'])).toEqual([
      'index',
      'middle',
    ]);
  });
});
