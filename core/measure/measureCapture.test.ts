import { holdById } from '../holds';
import { gripContacts } from './gripContacts';
import { familyStandings } from './familyStanding';
import { measureCapture } from './measureCapture';
import type { NumberMeasure } from './measures';
import type { MeasureId } from './measureIds';
import { levelCapture, withPoint } from './testing/levelCapture';

const hold = holdById('violin-shallow');
const breakdownOf = (capture = levelCapture()) => measureCapture(capture, hold, 'free');
const numberOf = (id: MeasureId, capture = levelCapture()) =>
  breakdownOf(capture).measures.find((m) => m.id === id) as NumberMeasure;

describe('measureCapture on the squared-paper figure', () => {
  it.each<[MeasureId, number]>([
    ['indexDepth', 1.5],
    ['middleDepth', 1.25],
    ['ringDepth', 1.25],
    ['littleDepth', 0.05],
    ['gap12', 20],
    ['gap23', 15],
    ['gap34', 18],
    ['spread', 53],
  ])('reads %s as worked by hand: %d', (id, value) => {
    expect(numberOf(id).value).toBeCloseTo(value, 9);
  });

  it('gives the evenness of gaps 20, 15, 18 mm as SD 2.055 over mean 17.667', () => {
    expect(numberOf('gapEvenness').value).toBeCloseTo(0.1163, 4);
  });

  it('adds the parallax of a flat picture to the doubt about depth', () => {
    const { sd } = numberOf('indexDepth');
    // Clicks of 2 px on 40 px bones alone give about 0.05 u.
    expect(sd).toBeGreaterThan(0.17);
    expect(sd).toBeLessThan(0.2);
  });

  it('judges: index in its band; sunk to 2.4 u it is deep; on its tip it is shallow', () => {
    expect(numberOf('indexDepth').verdict).toBe('in');
    const deep = levelCapture({ index: { xMm: 26, u: 2.4 } });
    const shallow = levelCapture({ index: { xMm: 26, u: 0.4 } });
    expect(numberOf('indexDepth', deep).verdict).toBe('high');
    expect(numberOf('indexDepth', shallow).verdict).toBe('low');
    expect(numberOf('gap12').verdict).toBe('none');
  });

  it('calls the little finger on top, over, or off by how its tip stands to the stick', () => {
    const place = (yPx: number) =>
      breakdownOf(withPoint(levelCapture(), 'littleTip', { x: 346, y: yPx })).measures.find(
        (m) => m.id === 'littlePlace',
      );
    expect(place(292)).toMatchObject({ value: 'top', verdict: 'in' });
    expect(place(340)).toMatchObject({ value: 'over', verdict: 'high' });
    expect(place(230)).toMatchObject({ value: 'off', verdict: 'low' });
  });

  it('leaves out what the view cannot show, saying from where it can be seen', () => {
    expect(breakdownOf().notMeasured).toContainEqual({
      id: 'thumbIpFlexion',
      family: 'thumb',
      reason: 'view',
      views: ['thumb-side'],
      why: 'hidden',
    });
  });

  it('never turns an unseen point into a number', () => {
    const breakdown = breakdownOf(withPoint(levelCapture(), 'indexDip', null));
    expect(breakdown.measures.map((m) => m.id)).not.toContain('indexDepth');
    expect(breakdown.notMeasured).toContainEqual({
      id: 'indexDepth',
      family: 'fingers',
      reason: 'notSeen',
      points: ['indexDip'],
    });
    expect(breakdown.notMeasured.map((m) => m.id)).toContain('spread');
  });

  it('has no gap beside a finger that is off the stick', () => {
    const lifted = levelCapture({ little: { xMm: -27, u: -1.5 } });
    const outcome = breakdownOf(lifted).notMeasured.find((m) => m.id === 'gap34');
    expect(outcome).toMatchObject({ reason: 'offStick' });
  });

  it('calls a joint bent beyond what it can do implausible, and judges nothing from it', () => {
    const profile = { ...levelCapture(), view: 'profile' as const };
    const bent = withPoint(profile, 'littleDip', { x: profile.points.littleMcp!.x + 3, y: 100 });
    const pip = numberOf('littlePipFlexion', bent);
    expect(Math.abs(pip.value)).toBeGreaterThan(150);
    expect(pip.implausible).toBe(true);
    expect(pip.verdict).toBe('unsure');
  });

  it('leaves the capture as it was', () => {
    const capture = levelCapture();
    const before = structuredClone(capture);
    breakdownOf(capture);
    expect(capture).toEqual(before);
  });
});

describe('a left hand', () => {
  it('gives the same numbers from a mirrored picture', () => {
    const right = levelCapture();
    const left = { ...levelCapture(), side: 'left' as const };
    for (const point of Object.values(left.points)) point.x = 1000 - point.x;
    const values = (capture: typeof right) =>
      breakdownOf(capture).measures.map((m) =>
        m.kind === 'number' ? m.value.toFixed(9) : m.kind === 'category' ? m.value : '',
      );
    expect(values(left)).toEqual(values(right));
  });
});

describe('family standings', () => {
  it('tells numbers without a band from nothing seen', () => {
    const measures = [{ family: 'wrist', verdict: 'none' }] as const;
    expect(familyStandings(measures)).toMatchObject({ wrist: 'none', thumb: 'notSeen' });
  });

  it('is out when anything in the family is, and not seen when there is no number', () => {
    const deep = breakdownOf(levelCapture({ index: { xMm: 26, u: 2.4 } }));
    expect(familyStandings(deep.measures)).toMatchObject({ fingers: 'out', wrist: 'notSeen' });
    expect(familyStandings(breakdownOf().measures).little).toBe('in');
  });
});

describe('gripContacts', () => {
  it('gives places for drawing, and nothing for what was not seen', () => {
    const contacts = gripContacts(withPoint(levelCapture(), 'ringTip', null), hold);
    expect(contacts.fingers.index).toMatchObject({ u: 1.5, xMm: 26, touching: true });
    expect(contacts.fingers.ring).toBeNull();
    expect(contacts.thumbXMm).toBeNull();
  });
});
