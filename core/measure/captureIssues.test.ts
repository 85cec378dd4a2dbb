import { holdById } from '../holds';
import { findCaptureIssues, looksMirrored } from './captureIssues';
import { levelCapture, withPoint } from './testing/levelCapture';

describe('findCaptureIssues', () => {
  const good = levelCapture();

  it('finds nothing in a sound capture', () => {
    expect(findCaptureIssues(good)).toEqual([]);
  });

  it('names a point outside the picture, with where it lies', () => {
    expect(findCaptureIssues(withPoint(good, 'thumbTip', { x: 1200, y: 50 }))).toEqual([
      {
        code: 'pointOutsidePicture',
        where: 'hand[4]',
        params: { x: 1200, y: 50, width: 1000, height: 700 },
      },
    ]);
  });

  it('names a coordinate that is no number', () => {
    expect(findCaptureIssues(withPoint(good, 'frogFront', { x: NaN, y: 50 }))).toContainEqual({
      code: 'notANumber',
      where: 'bow.frogFront',
    });
  });

  it('names two neighbouring points on top of each other', () => {
    const twin = withPoint(good, 'indexDip', good.points.indexPip!);
    expect(findCaptureIssues(twin)).toEqual([
      { code: 'coincidentPoints', where: 'hand[7]', params: { other: 'hand[6]' } },
    ]);
  });

  it('names a stick and a frog without length', () => {
    const stick = withPoint(good, 'stickTipEnd', good.points.stickHandEnd!);
    const frog = withPoint(good, 'frogBack', good.points.frogFront!);
    expect(findCaptureIssues(stick)).toEqual([
      { code: 'zeroLengthStick', where: 'bow.stickTipEnd' },
    ]);
    expect(findCaptureIssues(frog)).toEqual([{ code: 'zeroLengthFrog', where: 'bow.frogBack' }]);
  });

  it('notices swapped ends of the frog, which would turn every place round', () => {
    const { frogFront, frogBack } = good.points;
    const swapped = withPoint(withPoint(good, 'frogFront', frogBack!), 'frogBack', frogFront!);
    expect(findCaptureIssues(swapped)).toEqual([{ code: 'frogBackAhead', where: 'bow.frogBack' }]);
  });

  it.each([0, -46, NaN])('names a frog %d mm long', (mm) => {
    expect(findCaptureIssues({ ...good, frogLength: { mm, sdMm: 1 } })).toContainEqual(
      expect.objectContaining({ code: 'nonPositiveFrogLength', where: 'frogLengthMm' }),
    );
  });

  it('reports everything at once', () => {
    const bad = withPoint(
      withPoint(good, 'ringTip', { x: -5, y: 10 }),
      'stickTipEnd',
      good.points.stickHandEnd!,
    );
    expect(findCaptureIssues(bad).map((issue) => issue.where)).toEqual([
      'hand[16]',
      'bow.stickTipEnd',
    ]);
  });
});

describe('looksMirrored', () => {
  const hold = holdById('violin-shallow');

  it('is false for the right hand it says it is and true for the left', () => {
    expect(looksMirrored(levelCapture(), hold)).toBe(false);
    expect(looksMirrored({ ...levelCapture(), side: 'left' }, hold)).toBe(true);
  });

  it('says nothing where the view has no hair side', () => {
    expect(looksMirrored({ ...levelCapture(), side: 'left', view: 'profile' }, hold)).toBe(false);
  });

  it('expects the hand of an under-hand hold on the hair’s side', () => {
    expect(looksMirrored(levelCapture(), holdById('german-bass'))).toBe(true);
  });
});
