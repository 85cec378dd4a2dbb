import { HOLD_IDS, holdById } from '@open-palm/core/holds';
import { CONTEXTS, MEASURE_IDS, type Tap, type View } from '@open-palm/core/measure';
import { fineSigns, fineTaps, stationsOf } from './stationPlan';
import { FIRST_VIEW, SIDE_OF } from './stationView';

const violin = stationsOf(holdById('violin-shallow'), 'free');

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

  it.each(HOLD_IDS)(
    'judges the wrist of %s in every context, its range only on the string',
    (id) => {
      for (const context of CONTEXTS) {
        const { judged } = stationsOf(holdById(id), context).at(-2)!;
        const isAir = context === 'free' || context === 'supported';
        const hasBand = id !== 'german-bass' || !['heel', 'point'].includes(context);
        expect([context, judged.includes('wristFlexion')]).toEqual([context, hasBand]);
        expect([context, judged.includes('wristRange')]).toEqual([context, !isAir]);
      }
    },
  );

  it('asks beginners, and nobody else, what is a means later', () => {
    const asked = (level: 'beginner' | 'advanced') =>
      stationsOf(holdById('violin-shallow'), 'playing-start', level).at(-1)!.signs;
    expect(asked('beginner')).toContain('strokeSlows');
    expect(asked('advanced')).not.toContain('strokeSlows');
  });
});

describe('fineTaps', () => {
  const thumb = violin[0]!;
  const fineFrom = (...views: View[]) => fineTaps(thumb, [], views).map(({ measure }) => measure);

  it('answers what is judged and open, and leaves what was answered', () => {
    const answered: Tap = {
      measure: 'thumbIpFlexion',
      answer: { kind: 'value', value: -20, sd: 8 },
    };
    const taps = fineTaps(thumb, [answered], ['thumb-side', 'finger-side']);
    expect(taps.map(({ measure }) => measure)).toEqual(
      thumb.judged.filter((id) => id !== 'thumbIpFlexion'),
    );
  });

  it('says nothing of what that side hides, and all of it once both sides were looked at', () => {
    expect(fineFrom('thumb-side')).not.toContain('thumbThrough');
    expect(fineFrom('finger-side')).toEqual(['thumbThrough']);
    expect(fineFrom('thumb-side', 'finger-side')).toEqual(thumb.judged);
    expect(fineFrom()).toEqual([]);
  });

  it.each(HOLD_IDS)(
    'looks a clean hold of %s through in five taps: only what lies behind is left open',
    (id) => {
      const stations = stationsOf(holdById(id), 'free');
      expect(stations).toHaveLength(5);
      const open = stations.flatMap((station) => {
        const fine = fineTaps(station, [], [SIDE_OF[FIRST_VIEW[station.id]]]);
        return station.judged.filter((one) => !fine.some(({ measure }) => measure === one));
      });
      expect(open.filter((one) => !['thumbThrough', 'indexLead'].includes(one))).toEqual([]);
    },
  );
});

describe('what only a person sees', () => {
  it('is asked where it belongs, and only of the holds on which it can be', () => {
    const at = (hold: string, id: string) =>
      stationsOf(holdById(hold), 'free').find((station) => station.id === id)!.signs;
    expect(at('violin-shallow', 'thumb')).toEqual(['thumbMuscleHard']);
    expect(at('violin-shallow', 'relaxation')).toContain('handSqueezes');
    expect(at('violin-shallow', 'fingers')).toEqual(['indexTight']);
    expect(at('german-bass', 'fingers')).toEqual(['frogInPalm', 'buttonOutOfWeb']);
  });

  it('can be noted where the hold has no band for it; the little finger’s root stands on the first screen of French bass', () => {
    const little = stationsOf(holdById('french-bass-ring'), 'free')[2]!;
    expect(little.judged).toContain('littleDepth');
    const fingers = stationsOf(holdById('french-bass-ring'), 'free')[1]!;
    expect(fingers.furtherSigns).toEqual(expect.arrayContaining(['indexPointing']));
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
