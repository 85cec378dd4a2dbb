import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describeIssue } from '@open-palm/words/describe';
import { InputError } from '@open-palm/core/issue';
import { judgeFile } from './judgeFile';

const refusal = (content: unknown): string[] => {
  try {
    judgeFile(content);
  } catch (error) {
    if (error instanceof InputError) return error.issues.map(describeIssue);
    throw error;
  }
  return [];
};

describe('judgeFile', () => {
  it('answers the documented example', () => {
    const path = join(__dirname, '../../docs/examples/judge.json');
    const { workOn } = judgeFile(JSON.parse(readFileSync(path, 'utf8')));
    expect(workOn[0]!.cause).toBe('handTooFarBack');
  });

  const file = {
    hold: 'french-bass-ring',
    signs: { handTooFarBack: true, tipDrops: true, thumbOnPad: false },
  };

  it('ranks the causes, explains the first, and begins with its cue', () => {
    const { outcome, workOn, ranked, holds, tie } = judgeFile(file);
    expect(outcome).toBe('toWorkOn');
    expect(workOn[0]).toMatchObject({
      cause: 'handTooFarBack',
      part: 'hand',
      explains: ['handTooFarBack', 'tipDrops'],
      leaves: [],
      cues: ['hand-forward', 'tip-feels-lighter', 'find-the-metal'],
    });
    expect(workOn).toHaveLength(1);
    expect(ranked[0]!.posterior).toBeGreaterThan(0.8);
    expect(holds).toEqual(['thumbOnPad']);
    expect(tie).toBe(false);
  });

  it('tries first what worked with this student', () => {
    const cues = [
      { cue: 'hand-forward', worked: false },
      { cue: 'find-the-metal', worked: true },
    ];
    expect(judgeFile({ ...file, cues }).workOn[0]!.cues).toEqual([
      'find-the-metal',
      'tip-feels-lighter',
      'hand-forward',
    ]);
  });

  it('says so when nothing is wrong, and when nothing was seen', () => {
    expect(judgeFile({ ...file, signs: { thumbOnPad: false } })).toMatchObject({
      outcome: 'nothingToFix',
      workOn: [],
      holds: ['thumbOnPad'],
    });
    expect(judgeFile({ ...file, signs: {} })).toMatchObject({ outcome: 'nothingSeen' });
  });

  it('asks the one question that would change most, and not what was answered', () => {
    const tired = { hold: 'violin-shallow', signs: { handStiffensAtEnds: true }, context: 'point' };
    const { ask } = judgeFile(tired);
    expect(ask).toMatchObject({ answers: ['yes', 'no', 'notSure'] });
    expect(ask!.gain).toBeGreaterThanOrEqual(0.08);
    expect(judgeFile({ ...tired, answered: [ask!.sign] }).ask?.sign).not.toBe(ask!.sign);
  });

  it('corrects what was seen where no cause may be named', () => {
    const { workOn } = judgeFile({ hold: 'violin-shallow', signs: { thumbStraight: true } });
    expect(workOn).toMatchObject([{ cause: null, explains: ['thumbStraight'] }]);
    expect(workOn[0]!.cues[0]).toBe('bend-before-touching');
  });

  it('knows that it hurts, that a sign is new since the start, and how the teacher wants it', () => {
    expect(judgeFile({ ...file, hurts: true })).toMatchObject({ outcome: 'rest', workOn: [] });
    expect(judgeFile({ ...file, watches: true })).toMatchObject({
      outcome: 'watched',
      noted: ['handTooFarBack', 'tipDrops'],
    });
    const slipped = { ...file, newSinceStart: ['handTooFarBack', 'tipDrops'] };
    expect(judgeFile(slipped).workOn[0]!.cause).toBe('stamina');
    const cello = { hold: 'cello', signs: { littleOff: true } };
    expect(judgeFile(cello).workOn[0]!.cues[0]).toBe('little-over-the-stick');
    expect(judgeFile({ ...cello, settings: { celloLittle: 'top' } }).workOn[0]!.cues[0]).toBe(
      'little-tip-on-top',
    );
  });

  it('refuses a sign that the hold cannot have, by its name', () => {
    expect(refusal({ hold: 'german-bass', signs: { littleOff: true } })).toEqual([
      'signs.littleOff: german-bass cannot show it.',
    ]);
  });

  it('refuses what it does not know, saying what and where', () => {
    expect(refusal({ ...file, signs: { thumbAsleep: true } })[0]).toMatch(/signs\.thumbAsleep/);
    expect(refusal({ ...file, hold: 'banjo' })[0]).toMatch(/^hold: /);
    expect(refusal({ ...file, signs: { tipDrops: 'yes' } })[0]).toMatch(/^signs\.tipDrops: /);
    const history = { longNails: { confirmed: 3, checks: 1 } };
    expect(refusal({ ...file, history })).toEqual([
      'history.longNails: confirmed more often than checked.',
    ]);
  });
});
