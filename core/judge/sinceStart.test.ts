import { holdById } from '../holds';
import type { Finding } from './findings';
import { diagnose } from './diagnose';
import { signsSinceStart, sinceStart } from './sinceStart';

const finding = (sign: string, present: boolean): Finding => ({ sign, present, group: sign });

describe('the end of a lesson against its start', () => {
  const start = [finding('thumbStraight', false), finding('indexDeep', true)];
  const end = [
    finding('thumbStraight', true),
    finding('indexDeep', true),
    finding('littleStraight', true),
  ];

  it('names what came up since, and not what was never looked at before', () => {
    expect(signsSinceStart(start, end)).toEqual(['thumbStraight']);
  });

  it('makes of a good start and a tense end a case of stamina, with no placement cue', () => {
    const good = [finding('thumbStraight', false), finding('wristHigh', false)];
    const tense = [finding('thumbStraight', true), finding('wristHigh', true)];
    const judgement = diagnose(sinceStart(good, tense), holdById('violin-shallow'));
    expect(judgement.map(({ cause }) => cause.id)).toEqual(['stamina']);
  });

  it('keeps what was wrong from the start as the placement fault that it is', () => {
    expect(sinceStart(start, end)).toEqual([
      finding('indexDeep', true),
      finding('littleStraight', true),
      finding('tensesOverTime', true),
    ]);
    expect(sinceStart(end, end)).toEqual(end);
  });
});
