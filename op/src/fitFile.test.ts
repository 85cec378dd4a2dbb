import { spawnSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describeIssue } from '@open-palm/words/describe';
import { InputError } from '@open-palm/core/issue';
import { fitFile } from './fitFile';
import { measureFile } from './measureFile';

const EXAMPLE_PATH = join(__dirname, '../../docs/examples/two-views.json');
const example = JSON.parse(readFileSync(EXAMPLE_PATH, 'utf8'));

/** True bends of the rendered hand of the example, degrees (studio-demo/pictures/settled.profile.json). */
const TRUE_BENDS = {
  thumbMcp: 16.78,
  thumbIp: 39.96,
  indexPip: 42.5,
  middlePip: 54.43,
  ringPip: 32.03,
  littlePip: 61.73,
};

function refusal(content: unknown): string[] {
  try {
    fitFile(content);
  } catch (error) {
    if (error instanceof InputError) return error.issues.map(describeIssue);
    throw error;
  }
  return [];
}

describe('fitFile', () => {
  it('answers the documented example with the bends of the rendered hand', () => {
    const { fits } = fitFile(example);
    expect(fits).toHaveLength(1);
    const [fit] = fits;
    expect(fit!.pictures).toEqual([0, 1]);
    expect(fit!.apartDeg).toBeGreaterThan(45);
    expect(fit!.misplaced).toEqual([]);
    for (const [joint, deg] of Object.entries(TRUE_BENDS)) {
      const { value, sd, unit, interval } = fit!.joints[joint]!;
      expect(Math.abs(value - deg)).toBeLessThan(3.5);
      expect(sd).toBeLessThan(6);
      expect(unit).toBe('deg');
      expect(interval).toBeUndefined();
    }
    expect(Object.keys(fit!.pointsMm)).toHaveLength(21);
    for (const px of fit!.residualPx) expect(px).toBeLessThan(4);
    // Every marked point of both pictures, the farthest first.
    expect(fit!.residuals.length).toBeGreaterThan(45);
    expect(fit!.residuals[0]!.sds).toBe(Math.max(...fit!.residuals.map(({ sds }) => sds)));
  });

  it('gives ranges from one picture, and says which second one helps most', () => {
    const [fit] = fitFile({ ...example, pictures: [example.pictures[0]] }).fits;
    expect(fit!.apartDeg).toBeNull();
    const { interval } = fit!.joints.thumbIp!;
    expect(interval!.lo).toBeLessThan(TRUE_BENDS.thumbIp);
    expect(interval!.hi).toBeGreaterThan(TRUE_BENDS.thumbIp);
    expect(fit!.secondViews[0]!.view).not.toBe('thumb-side');
  });

  it('says of a range that it hardly tells anything, and of no other', () => {
    const [fit] = fitFile({ ...example, pictures: [example.pictures[1]] }).fits;
    const joints = Object.entries(fit!.joints);
    const wide = joints.filter(([, { hardlyTold }]) => hardlyTold).map(([joint]) => joint);
    expect(wide).toEqual(
      joints
        .filter(([, { interval }]) => interval!.hi - interval!.lo >= 60)
        .map(([joint]) => joint),
    );
    // The profile looks along the thumb.
    expect(wide).toContain('thumbIp');
    expect(wide).not.toContain('littlePip');
  });

  it('refuses, in words, the same picture twice, a mirrored one, five points, and none', () => {
    const [thumb, profile] = example.pictures;
    const two = (second: unknown) => ({ ...example, pictures: [thumb, second] });
    expect(refusal(two(thumb))).toEqual([
      'captures[1] is the same picture as number 1. The second one has to look from elsewhere.',
    ]);
    // The file says that it is mirrored though it is not: it is read the wrong way round.
    expect(refusal(two({ ...profile, mirrored: true }))).toEqual([
      'captures[1] looks mirrored: read the other way round it shows this view. Flip it.',
    ]);
    const bare = { ...thumb, hand: thumb.hand.map((p: unknown, i: number) => (i < 5 ? p : null)) };
    expect(refusal({ ...example, pictures: [bare] })[0]).toMatch(/no picture shows/);
  });

  it('feeds what op measure answers: what no picture shows flat, and the sharper of two', () => {
    const { measures, warnings } = measureFile(example);
    const of = (id: string) => measures.find((measure) => measure.id === id)!;
    expect(of('indexDepth').sources).toEqual([[0, 1]]);
    expect(of('thumbIpFlexion').sources).toHaveLength(2);
    expect(warnings).toEqual([]);
    const mirrored = { ...example.pictures[1], mirrored: true };
    const told = measureFile({ ...example, pictures: [example.pictures[0], mirrored] });
    expect(told.warnings.some((warning) => warning.includes('looks mirrored'))).toBe(true);
    expect(told.measures.find(({ id }) => id === 'thumbIpFlexion')!.sources).toBeUndefined();
  });

  it('is a command, and leaves with 2 where there is no hand', () => {
    const run = (input: string) =>
      spawnSync('node', ['--import', 'tsx', join(__dirname, 'main.ts'), 'fit', '-'], {
        input,
        encoding: 'utf8',
      });
    const good = run(JSON.stringify(example));
    expect(good.status).toBe(0);
    expect(JSON.parse(good.stdout).hold.id).toBe('violin-shallow');
    const same = [example.pictures[0], example.pictures[0]];
    const bad = run(JSON.stringify({ ...example, pictures: same }));
    expect(bad.status).toBe(2);
    expect(bad.stdout).toBe('');
    expect(bad.stderr).toMatch(/same picture/);
  });
});
