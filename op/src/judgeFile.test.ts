import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describeIssue } from '@open-palm/contract';
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
      cues: ['hand-forward', 'index-ahead'],
    });
    expect(workOn).toHaveLength(1);
    expect(ranked[0]!.posterior).toBeGreaterThan(0.8);
    expect(holds).toEqual(['thumbOnPad']);
    expect(tie).toBe(false);
  });

  it('tries first what worked with this student', () => {
    const cues = [
      { cue: 'hand-forward', worked: false },
      { cue: 'index-ahead', worked: true },
    ];
    expect(judgeFile({ ...file, cues }).workOn[0]!.cues).toEqual(['index-ahead', 'hand-forward']);
  });

  it('says so when nothing is wrong, and when nothing was seen', () => {
    expect(judgeFile({ ...file, signs: { thumbOnPad: false } })).toMatchObject({
      outcome: 'nothingToFix',
      workOn: [],
      holds: ['thumbOnPad'],
    });
    expect(judgeFile({ ...file, signs: {} })).toMatchObject({ outcome: 'nothingSeen' });
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
