import { createHash } from 'node:crypto';
import { adaptHold } from '../adaptHold';
import { bandFor } from '../bandFor';
import { HOLD_IDS, holdById } from '../holds';
import { judgedBy, shippedHold } from './archivedHolds';
import released from './data/released.json';

/** A fingerprint of what of a hold judges looks. */
const fingerprint = (id: string, version: number): string =>
  createHash('sha256')
    .update(JSON.stringify(sorted(judgedBy(shippedHold(id, version)!))))
    .digest('hex')
    .slice(0, 16);

const sorted = (value: unknown): unknown =>
  value === null || typeof value !== 'object'
    ? value
    : Array.isArray(value)
      ? value.map(sorted)
      : Object.fromEntries(
          Object.entries(value)
            .sort(([a], [b]) => (a < b ? -1 : 1))
            .map(([key, inner]) => [key, sorted(inner)]),
        );

describe('the archive of shipped holds', () => {
  it('has every version that was released, each as it was: whoever moves a band raises the version and archives the one before', () => {
    const now = Object.fromEntries(
      HOLD_IDS.map((id) => [
        id,
        Object.fromEntries(
          Array.from({ length: holdById(id).version }, (_, i) => [
            String(i + 1),
            fingerprint(id, i + 1),
          ]),
        ),
      ]),
    );
    expect(now).toEqual(released);
  });

  it('judges by the bands of then, and is drawn and taught as now', () => {
    const [first, now] = [shippedHold('cello', 1)!, holdById('cello')];
    expect(first.version).toBe(1);
    expect(bandFor(first, 'thumbContact', 'free')).toBeNull();
    expect(bandFor(now, 'thumbContact', 'free')).not.toBeNull();
    expect(first.portrait).toEqual(now.portrait);
    expect(adaptHold(first, {}, { bow: 1, hand: 1 }).checkpoints).toEqual(first.checkpoints);
  });

  it('knows no version that was never released', () => {
    expect(shippedHold('cello', holdById('cello').version + 1)).toBeUndefined();
    expect(shippedHold('lute', 1)).toBeUndefined();
  });
});
