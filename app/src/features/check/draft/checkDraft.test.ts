import { EMPTY_LOOK, putShot } from '../look/lookState';
import { noMarks } from '../../../drawing/annotate/marksState';
import { restored, storable, type CheckDraft } from './checkDraft';

const picture = { id: 'p', blob: new Blob(['x']), url: 'blob:1', width: 4, height: 3 };
const shot = { id: 's', view: 'profile' as const, place: null, picture, marks: noMarks([]) };
const draft: CheckDraft = {
  version: 2,
  checkId: 'c',
  step: 'measure',
  station: 0,
  state: putShot(EMPTY_LOOK, shot),
  shot: { ...shot, marksOf: 'p profile' },
  watching: true,
  isDone: false,
};

describe('an unfinished look', () => {
  it('comes back as it was, its pictures with new addresses', () => {
    const kept = storable(draft);
    expect(kept.shot.picture!.url).toBe('');
    expect(kept.state.shots[0]!.picture.url).toBe('');
    const back = restored(kept, () => 'blob:2')!;
    expect(back.shot.picture!.url).toBe('blob:2');
    expect(storable(back)).toEqual(kept);
  });

  it('comes back from the program before, which never assumed a view', () => {
    const before: CheckDraft = { ...draft, shot: { ...draft.shot } };
    delete before.shot.viewIsAssumed;
    expect(restored(before, () => '')!.shot).toEqual({
      ...before.shot,
      picture: { ...picture, url: '' },
    });
  });

  it('does not open the camera by itself', () => {
    expect(restored({ ...draft, step: 'camera' }, () => '')!.step).toBe('setup');
  });

  it('goes on where there is something to show', () => {
    const stepOf = (more: object) => restored({ ...draft, ...more } as CheckDraft, () => '')!.step;
    expect(stepOf({})).toBe('measure');
    expect(stepOf({ shot: { ...draft.shot, picture: null } })).toBe('setup');
    expect(stepOf({ step: 'result' })).toBe('result');
    expect(stepOf({ step: 'result', state: EMPTY_LOOK })).toBe('setup');
    expect(stepOf({ step: 'gone' })).toBe('setup');
  });

  it('is not read from what another program left', () => {
    expect(restored({ ...draft, version: 0 }, () => '')).toBeNull();
    expect(restored(undefined, () => '')).toBeNull();
  });
});
