import { holdById } from '@open-palm/core/holds';
import { analyseStroke, strokeVerdicts, type StrokeSeries } from '@open-palm/core/stroke';
import { strokeWords } from '../../foundation/strings/stroke';
import { compareWords } from './compareWords';
import { axisOf, knowsPlace, strokeLines } from './strokeLines';
import { strokeMark, strokeSentences } from './strokeSentences';

/** Four strokes of a second from heel to point and back, the wrist going with the bow. */
function take(heel: number, point: number, strokeS = 1): StrokeSeries {
  const timesS = Array.from({ length: 120 * strokeS + 1 }, (_, i) => i / 30);
  const bowPlace = timesS.map((time) => (1 - Math.cos((Math.PI * time) / strokeS)) / 2);
  return {
    timesS,
    channels: { wristFlexion: bowPlace.map((place) => heel + (point - heel) * place), bowPlace },
  };
}
const withoutPlace = ({ timesS, channels }: StrokeSeries): StrokeSeries => ({
  timesS,
  channels: { wristFlexion: channels.wristFlexion! },
});
const violin = holdById('violin-shallow');
const said = (heel: number, point: number) =>
  strokeVerdicts(analyseStroke(take(heel, point)), violin);

describe('what a take says', () => {
  it('begins with the range, and names only places that are off', () => {
    expect(strokeSentences(said(16, -8))).toEqual([
      'The wrist is supple: it goes through 24° ± 1° over the stroke; 8° to 35° is wanted.',
      'Toward the point it bends back, as it should.',
    ]);
    expect(strokeSentences(said(-20, -2))).toEqual([
      expect.stringMatching(/^The wrist is supple/),
      expect.stringMatching(/^At the heel it is bent back further than wanted: −\d+° ± 1°/),
      'Toward the point it bends forward; it should bend back.',
    ]);
  });

  it('is marked by the range', () => {
    expect(strokeMark(said(16, -8))).toBe('in');
    expect(strokeMark(said(3, 1))).toBe('out');
    expect(strokeMark(said(40, -20))).toBe('out');
    expect(strokeMark([])).toBe('none');
  });

  it('is written with a true minus, and none before a nought', () => {
    expect(strokeWords.deg(-7.4)).toBe('−7°');
    expect(strokeWords.deg(-0.3)).toBe('0°');
  });
});

describe('compareWords', () => {
  const analysed = (heel: number, point: number, strokeS?: number) =>
    analyseStroke(take(heel, point, strokeS));

  it('tells how the range went, and what is not compared', () => {
    expect(compareWords(analysed(16, -8), analysed(4, 0))).toContain(
      'The range went from 24° to 4°: 20° less.',
    );
    expect(compareWords(analysed(16, -8), analysed(16, -8, 2)).join()).toContain('another tempo');
    expect(compareWords(analysed(16, -8), analysed(16, -8))).toEqual([
      'The range went from 24° to 24°: no difference that is sure.',
    ]);
  });
});

describe('strokeLines', () => {
  it('lays strokes over each other by the bow’s place, else by their own time', () => {
    const analysis = analyseStroke(take(16, -8));
    expect(knowsPlace(analysis)).toBe(true);
    const lines = strokeLines(analysis);
    expect(lines).toHaveLength(4);
    for (const { points } of lines) {
      const heel = points.find(({ x }) => x < 0.05)!;
      expect(heel.y).toBeGreaterThan(13);
    }
    const bare = analyseStroke(withoutPlace(take(16, -8)));
    expect(knowsPlace(bare)).toBe(false);
    for (const { points } of strokeLines(bare)) {
      expect(points[0]!.x).toBeCloseTo(0, 1);
      expect(points.at(-1)!.x).toBeCloseTo(1, 1);
    }
  });
});

describe('axisOf', () => {
  it('shows all values and bands, 0 among them, between tens', () => {
    expect(axisOf([12, null, 25], [-30, undefined])).toEqual({ yMin: -40, yMax: 30 });
    expect(axisOf([12, 25])).toEqual({ yMin: -10, yMax: 30 });
  });
});
