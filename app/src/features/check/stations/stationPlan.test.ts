import { HOLD_IDS, holdById } from '@open-palm/core/holds';
import { MEASURE_IDS, type Tap } from '@open-palm/core/measure';
import { fineTaps, nextQuestion, stationsOf } from './stationPlan';

const violin = stationsOf(holdById('violin-shallow'), 'free');
const fine = (measure: Tap['measure']): Tap => ({ measure, answer: { kind: 'fine' } });

describe('stationsOf', () => {
  it('goes thumb, fingers, little finger, wrist', () => {
    expect(violin.map(({ family }) => family)).toEqual(['thumb', 'fingers', 'little', 'wrist']);
  });

  it.each(HOLD_IDS)('asks every checkpoint of %s that makes sense once', (id) => {
    const hold = holdById(id);
    const asked = stationsOf(hold, 'free').flatMap(({ judged, further }) => [
      ...judged,
      ...further,
    ]);
    const sensible = MEASURE_IDS.filter((m) => !('notApplicable' in hold.checkpoints[m]!));
    expect([...asked].sort()).toEqual([...sensible].sort());
  });

  it('judges the wrist where the hold has bands for the place', () => {
    const wrist = (context: 'free' | 'heel') =>
      stationsOf(holdById('violin-shallow'), context).at(-1)!.judged;
    expect(wrist('free')).not.toContain('wristFlexion');
    expect(wrist('heel')).toContain('wristFlexion');
  });
});

describe('fineTaps', () => {
  it('answers what is judged and open, and leaves what was answered', () => {
    const thumb = violin[0]!;
    const answered: Tap = {
      measure: 'thumbIpFlexion',
      answer: { kind: 'value', value: -20, sd: 8 },
    };
    const taps = fineTaps(thumb, [answered]);
    expect(taps.map(({ measure }) => measure)).toEqual(
      thumb.judged.filter((id) => id !== 'thumbIpFlexion'),
    );
  });

  it('looks a clean violin hold through in four taps, each checkpoint answered', () => {
    const all = violin.flatMap((station) => fineTaps(station, []));
    expect(all.map(({ measure }) => measure)).toEqual(violin.flatMap(({ judged }) => judged));
    expect(violin).toHaveLength(4);
  });
});

describe('nextQuestion', () => {
  const thumb = violin[0]!;
  it('asks what is judged in order, skipping what was answered, and then stops', () => {
    expect(nextQuestion(thumb, [], null)).toBe('thumbIpFlexion');
    expect(nextQuestion(thumb, [fine('thumbMcpFlexion')], 'thumbIpFlexion')).toBe('thumbContact');
    expect(nextQuestion(thumb, [], thumb.judged.at(-1)!)).toBeNull();
  });

  it('goes on among the others from one of them', () => {
    const [first, second] = thumb.further;
    expect(nextQuestion(thumb, [], first!)).toBe(second);
  });
});
