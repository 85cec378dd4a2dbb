import { causeHistory } from './causeHistory';

describe('causeHistory', () => {
  it('counts a check once for a cause, with its last word', () => {
    expect(
      causeHistory([
        { check: 'a', kind: 'ruledOut', cause: 'longNails' },
        { check: 'a', kind: 'confirmed', cause: 'longNails' },
        { check: 'b', kind: 'ruledOut', cause: 'longNails' },
        { check: 'b', kind: 'confirmed', cause: 'thumbTooDeep' },
      ]),
    ).toEqual({
      longNails: { confirmed: 1, checks: 2 },
      thumbTooDeep: { confirmed: 1, checks: 1 },
    });
  });

  it('lets a sign that was not there speak against what nearly always brings it, and only that', () => {
    const history = causeHistory([
      { check: 'a', kind: 'sign', sign: 'thumbOnPad', present: false },
    ]);
    expect(history).toEqual({ thumbOnItsPad: { confirmed: 0, checks: 1 } });
  });

  it('knows nothing of a student of whom nothing was said', () => {
    expect(causeHistory([])).toEqual({});
  });
});
