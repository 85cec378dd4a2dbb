import { CAUSES } from './knowledge';
import { measureOfCause } from './measureOfCause';

describe('measureOfCause', () => {
  it('is the checkpoint of the first sign that is measured', () => {
    expect(measureOfCause('indexTooDeep')).toBe('indexDepth');
    // That the thumb shows through the gap is only seen; that it is straight is measured.
    expect(measureOfCause('thumbTooDeep')).toBe('thumbThrough');
    expect(measureOfCause('nobody')).toBeNull();
  });

  it('is found for most causes', () => {
    const found = CAUSES.filter(({ id }) => measureOfCause(id) !== null).length;
    expect(found / CAUSES.length).toBeGreaterThan(0.6);
  });
});
