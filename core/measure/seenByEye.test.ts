import { CATALOGUE, isSeenByEye, VIEWS } from '.';

describe('isSeenByEye', () => {
  it('tells what a side hides, which no “fine” from there can mean', () => {
    expect(isSeenByEye('thumbIpFlexion', 'finger-side')).toBe(false);
    expect(isSeenByEye('thumbContact', 'finger-side')).toBe(false);
    expect(isSeenByEye('thumbThrough', 'thumb-side')).toBe(false);
    expect(isSeenByEye('indexLead', 'finger-side')).toBe(false);
  });

  it('sees in space what a flat picture cannot tell', () => {
    expect(isSeenByEye('indexPipFlexion', 'finger-side')).toBe(true);
    expect(isSeenByEye('thumbIpFlexion', 'thumb-side')).toBe(true);
  });

  it('sees how far the wrist moves from where it sees the wrist', () => {
    for (const view of VIEWS) {
      expect(isSeenByEye('wristRange', view)).toBe(isSeenByEye('wristFlexion', view));
    }
  });

  it('finds a place for the eye for every checkpoint', () => {
    for (const { id } of CATALOGUE) {
      expect([id, VIEWS.some((view) => isSeenByEye(id, view))]).toEqual([id, true]);
    }
  });
});
