import { bandFor, holdById, holdSchema } from '@open-palm/core/holds';
import { findHoldIssues } from '@open-palm/core/measure';
import { bandAt, draftOf, rename, withBand } from './holdDraft';

const shipped = holdById('violin-shallow');
const copy = draftOf(shipped, 'new-id', 'Quayside violin');

describe('a hold being changed', () => {
  it('begins as a copy that keeps what it came from, and goes on by versions', () => {
    expect(copy).toMatchObject({
      id: 'new-id',
      version: 1,
      own: { basedOn: 'violin-shallow', basedOnVersion: 3, name: 'Quayside violin' },
    });
    expect(copy.checkpoints).toEqual(shipped.checkpoints);
    expect(draftOf(copy, 'other', 'x')).toEqual({ ...copy, version: 2 });
    expect(rename(copy, 'Row').own).toEqual({
      basedOn: 'violin-shallow',
      basedOnVersion: 3,
      name: 'Row',
    });
  });

  it('takes a band everywhere, resting on the teacher’s own eye, and leaves the shipped hold alone', () => {
    const changed = withBand(copy, 'indexDepth', 'everywhere', { lo: 1.2, hi: 1.6 });
    expect(changed.checkpoints.indexDepth).toEqual({
      band: { lo: 1.2, hi: 1.6 },
      standing: 'own',
    });
    expect(bandFor(shipped, 'indexDepth')).toEqual({ lo: 1.1, hi: 1.9 });
    expect(holdSchema.safeParse(changed).success).toBe(true);
    expect(findHoldIssues(changed)).toEqual([]);
  });

  it('takes a band at one place, and keeps the others', () => {
    const changed = withBand(copy, 'wristFlexion', 'heel', { lo: 5, hi: 30 });
    expect(bandAt(changed, 'wristFlexion', 'heel')).toEqual({ lo: 5, hi: 30 });
    expect(bandAt(changed, 'wristFlexion', 'point')).toEqual(
      bandAt(shipped, 'wristFlexion', 'point'),
    );
  });

  it('shows a checkpoint without a verdict when its last band goes', () => {
    const without = withBand(copy, 'indexDepth', 'everywhere', undefined);
    expect(without.checkpoints.indexDepth).toEqual({ shownWithoutVerdict: true });
    const again = withBand(without, 'indexDepth', 'point', { hi: 2 });
    expect(again.checkpoints.indexDepth).toEqual({
      byPlace: { point: { hi: 2 } },
      standing: 'own',
    });
  });
});
