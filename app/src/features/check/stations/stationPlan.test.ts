import { HOLD_IDS, holdById } from '@open-palm/core/holds';
import { MEASURE_IDS, type Tap } from '@open-palm/core/measure';
import { fineSigns, fineTaps, nextQuestion, stationsOf } from './stationPlan';

const violin = stationsOf(holdById('violin-shallow'), 'free');
const fine = (measure: Tap['measure']): Tap => ({ measure, answer: { kind: 'fine' } });

describe('stationsOf', () => {
  it('goes thumb, fingers, little finger, wrist, and the relaxation they depend on', () => {
    expect(violin.map(({ id }) => id)).toEqual([
      'thumb',
      'fingers',
      'little',
      'wrist',
      'relaxation',
    ]);
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
      stationsOf(holdById('violin-shallow'), context).at(-2)!.judged;
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

  it('looks a clean violin hold through in five taps, each checkpoint answered', () => {
    const all = violin.flatMap((station) => fineTaps(station, []));
    expect(all.map(({ measure }) => measure)).toEqual(violin.flatMap(({ judged }) => judged));
    expect(violin).toHaveLength(5);
  });
});

describe('what only a person sees', () => {
  it('is asked where it belongs, and only of the holds on which it can be', () => {
    const at = (hold: string, id: string) =>
      stationsOf(holdById(hold), 'free').find((station) => station.id === id)!.signs;
    expect(at('violin-shallow', 'thumb')).toEqual(['thumbThroughGap']);
    expect(at('violin-shallow', 'relaxation')).toContain('handSqueezes');
    expect(at('violin-shallow', 'fingers')).toEqual([]);
    expect(at('german-bass', 'fingers')).toEqual(['frogInPalm', 'buttonOutOfWeb']);
  });

  it('can be noted where the hold has no band for it: the little finger’s root on French bass', () => {
    const little = stationsOf(holdById('french-bass-ring'), 'free')[2]!;
    expect(little.furtherSigns).toContain('littleRoot');
    const fingers = stationsOf(holdById('french-bass-ring'), 'free')[1]!;
    expect(fingers.furtherSigns).toEqual(
      expect.arrayContaining(['indexPointing', 'fingersBunched']),
    );
    // The violin's bands tell of a deep index, so it is not asked twice.
    expect(violin[1]!.furtherSigns).not.toContain('indexDeep');
    expect(fineSigns(little, {})).not.toHaveProperty('littleRoot');
  });

  it('is not there where all is fine, but for what was marked', () => {
    const relaxation = violin.at(-1)!;
    const fine = fineSigns(relaxation, { handSqueezes: true });
    expect(fine).not.toHaveProperty('handSqueezes');
    expect(fine.tipDrops).toBe(false);
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
