import { holdById } from '../holds';
import { measureCheck, type Tap } from '../measure';
import { levelCapture } from '../measure/testing/levelCapture';
import { findingsOf, signsOfVerdict } from './findings';

const hold = holdById('violin-shallow');
const tap = (measure: Tap['measure'], answer: Tap['answer']): Tap => ({ measure, answer });

function found(taps: Tap[], captures = [] as ReturnType<typeof levelCapture>[]) {
  const { measures } = measureCheck({ context: 'free', captures, taps }, hold);
  return new Map(findingsOf(measures, {}, hold).map((finding) => [finding.sign, finding]));
}

describe('findingsOf', () => {
  it('reads a verdict as one sign present and its opposite absent', () => {
    const findings = found([tap('thumbIpFlexion', { kind: 'value', value: -20, sd: 8 })]);
    expect(findings.get('thumbStraight')).toMatchObject({ present: true });
    expect(findings.get('thumbClamped')).toMatchObject({ present: false });
  });

  it('reads categories that are out, and takes what is fine as absent', () => {
    const findings = found([
      tap('littlePlace', { kind: 'category', category: 'over' }),
      tap('thumbContact', { kind: 'fine' }),
    ]);
    expect(findings.get('littleOver')).toMatchObject({ present: true });
    expect(findings.get('littleOff')).toMatchObject({ present: false });
    expect(findings.get('thumbOnPad')).toMatchObject({ present: false });
  });

  it('leaves out what is unsure or has no band', () => {
    const findings = found([
      tap('thumbIpFlexion', { kind: 'value', value: 18, sd: 8 }),
      tap('knuckleHeight', { kind: 'value', value: 0, sd: 10 }),
    ]);
    expect([...findings.keys()]).toEqual([]);
  });

  it('reads a named fault also where the hold has no band', () => {
    const elbow = (category: string) =>
      found([tap('elbowLevel', { kind: 'category', category })]).get('elbowDropped');
    expect(elbow('dropped')).toMatchObject({ present: true });
    expect(elbow('level')).toMatchObject({ present: false });
  });

  it('groups what one picture tells of one point, and keeps answers apart', () => {
    const picture = found([], [levelCapture({ index: { xMm: 26, u: 2.6 } })]);
    expect(picture.get('indexDeep')).toEqual({
      sign: 'indexDeep',
      present: true,
      group: 'index in picture 0',
    });
    const answers = found([tap('indexDepth', { kind: 'value', value: 2.6, sd: 0.15 })]);
    expect(answers.get('indexDeep')!.group).toBe('indexDepth');
  });

  it('takes a person’s word over what was measured of the same sign', () => {
    const { measures } = measureCheck(
      {
        context: 'free',
        captures: [],
        taps: [tap('thumbContact', { kind: 'category', category: 'pad' })],
      },
      hold,
    );
    const present = (looked: Record<string, boolean>) =>
      findingsOf(measures, looked, hold).find(({ sign }) => sign === 'thumbOnPad')!.present;
    expect(present({})).toBe(true);
    expect(present({ thumbOnPad: false })).toBe(false);
  });

  it('reads what a verdict says of a measure’s signs', () => {
    expect(signsOfVerdict('thumbIpFlexion', 'in')).toEqual({
      thumbStraight: false,
      thumbClamped: false,
    });
    expect(signsOfVerdict('thumbIpFlexion', 'low')).toEqual({
      thumbStraight: true,
      thumbClamped: false,
    });
    expect(signsOfVerdict('littlePlace', 'in')).toMatchObject({
      littleOff: false,
      littleOver: false,
    });
    expect(signsOfVerdict('littlePlace', 'low')).toEqual({});
  });

  it('takes signs that only a person sees as they were marked', () => {
    expect(findingsOf([], { tipDrops: true, nailsLong: false }, hold)).toEqual([
      { sign: 'tipDrops', present: true, group: 'tipDrops' },
      { sign: 'nailsLong', present: false, group: 'nailsLong' },
    ]);
  });
});
