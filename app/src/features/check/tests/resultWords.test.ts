import { WHOLE_HAND_TESTS } from '@open-palm/core/practice';
import { strings } from '../../../foundation/strings';
import { resultWords } from './resultWords';

describe('the words of whole-hand tests', () => {
  it('are there for every test, question, option and part', () => {
    for (const { id, records } of WHOLE_HAND_TESTS) {
      expect(strings.tests).toHaveProperty([id]);
      expect(strings.testing.whys).toHaveProperty([id]);
      for (const recorder of records) {
        if (recorder.kind !== 'question') continue;
        expect(strings.testing.questions).toHaveProperty([recorder.id]);
        for (const option of recorder.options) {
          expect(strings.testing.options).toHaveProperty([option]);
        }
      }
    }
  });

  it('tell what was recorded, and nothing of what was not', () => {
    expect(resultWords('free-carry', { seconds: 12.34, part: 'little' })).toBe(
      '12.3 s · little finger',
    );
    expect(resultWords('thumb-release', { clean: 6, bpm: 60 })).toBe('clean 6/8');
    expect(resultWords('tip-raise', { downToDeg: 45, part: 'little' })).toBe(
      'down to 45° · little finger',
    );
    expect(resultWords('tip-raise', { downToDeg: 0 })).toBe('down to level');
    // As it was recorded before: from level up, and still read so.
    expect(resultWords('tip-raise', { angleDeg: 60 })).toBe('up to 60°');
    expect(resultWords('squeeze', { answers: { squeeze: 'firm' } })).toBe('firm');
  });
});
