import fc from 'fast-check';
import { noMarks } from '../../../drawing/annotate/marksState';
import { STEPS, type CheckDraft, type Step } from '../draft/checkDraft';
import { newShot } from '../draft/newShot';
import { lookReducer, MOVES, type LookEvent } from './lookMachine';
import { EMPTY_LOOK, isBegun } from './lookState';

const picture = (id: string) => ({ id, blob: new Blob(), url: '', width: 1000, height: 800 });
const marks = noMarks([]);
const fine = {
  type: 'answer',
  measure: 'indexDepth',
  tap: { measure: 'indexDepth', answer: { kind: 'fine' } },
} as const;

/** One of every event there is. */
const EVENTS: readonly LookEvent[] = [
  { type: 'askReady' },
  { type: 'askPicture' },
  { type: 'askTests' },
  { type: 'askSetup' },
  { type: 'mark' },
  { type: 'touch' },
  { type: 'done' },
  { type: 'compare' },
  { type: 'allReady' },
  { type: 'leave' },
  { type: 'leave', marks },
  { type: 'taken', picture: picture('taken') },
  { type: 'recognised', view: 'player-eye', marks },
  { type: 'pointsRead', view: 'profile', place: null, marks },
  { type: 'read', marks },
  {
    type: 'move',
    shot: { id: 's', picture: picture('moved'), view: 'thumb-side', place: null, marks },
  },
  { type: 'another', view: 'profile' },
  { type: 'station', at: 3 },
  { type: 'flipped', picture: picture('taken') },
  { type: 'framed', as: { view: 'thumb-side' } },
  { type: 'context', context: 'heel' },
  { type: 'ready', ready: { item: 'nails', state: 'long', word: null } },
  fine,
  { type: 'answer', measure: 'indexDepth', tap: null },
  { type: 'signs', marked: { tipDrops: true } },
  { type: 'remove', shotId: 's' },
  { type: 'watch', watching: true },
  { type: 'finish' },
];

const begin = (more: Partial<CheckDraft> = {}): CheckDraft => ({
  version: 2,
  checkId: 'c',
  step: 'setup',
  station: 0,
  state: EMPTY_LOOK,
  shot: newShot('finger-side'),
  watching: false,
  isDone: false,
  ...more,
});
const after = (draft: CheckDraft, ...events: LookEvent[]) => events.reduce(lookReducer, draft);

describe('a look as a machine', () => {
  it('goes the ways of its table and no other', () => {
    // Everything is there that a step may need.
    const full = after(begin(), fine, { type: 'askPicture' }, EVENTS[11]!);
    for (const step of STEPS) {
      for (const event of EVENTS) {
        const to = lookReducer({ ...full, step }, event).step;
        const move = MOVES[step][event.type];
        const ways: Step[] =
          move === undefined ? [step] : typeof move === 'string' ? [move] : ['result', 'setup'];
        expect([step, event.type, ways.includes(to)]).toEqual([step, event.type, true]);
      }
    }
  });

  it('takes a picture, marks it, and reads it', () => {
    const marked = after(
      begin(),
      { type: 'framed', as: { view: 'thumb-side' } },
      { type: 'askPicture' },
      { type: 'taken', picture: picture('a') },
    );
    expect(marked.step).toBe('measure');
    const read = after(marked, { type: 'read', marks });
    expect(read.step).toBe('result');
    expect(read.state.shots).toMatchObject([{ picture: { id: 'a' }, view: 'thumb-side' }]);
    expect(read.shot.marksOf).toBe('a thumb-side');
    // Without its one picture nothing is left of the look.
    const { id } = read.state.shots[0]!;
    expect(after(read, { type: 'remove', shotId: id }).step).toBe('setup');
    expect(after(read, { type: 'another', view: 'profile' }).shot.picture).toBeNull();
  });

  it('takes the view that its picture shows, as long as nobody has said one', () => {
    const taken = after(begin({ step: 'camera', shot: newShot('finger-side') }), {
      type: 'taken',
      picture: picture('a'),
    });
    expect(taken.shot.viewIsAssumed).toBe(true);
    const known = after(taken, { type: 'recognised', view: 'thumb-side', marks });
    expect(known).toMatchObject({
      step: 'measure',
      shot: { view: 'thumb-side', viewIsAssumed: false, marks, marksOf: 'a thumb-side' },
    });
    const said = after(taken, { type: 'leave' }, { type: 'framed', as: { view: 'profile' } });
    expect(said.shot.viewIsAssumed).toBe(false);
    // Where in the bow it is says nothing of the side.
    const placed = after(taken, { type: 'leave' }, { type: 'framed', as: { place: 'heel' } });
    expect(placed.shot.viewIsAssumed).toBe(true);
  });

  it('touches through the stations to the result, or back to where nothing is kept', () => {
    const touched = after(begin(), { type: 'touch' }, { type: 'station', at: 4 });
    expect(after(touched, { type: 'done' }).step).toBe('setup');
    expect(after(touched, fine, { type: 'done' }).step).toBe('result');
    expect(after(touched, fine, { type: 'leave' }).step).toBe('result');
    const again = after(touched, fine, { type: 'askTests' }, { type: 'compare' });
    expect(again).toMatchObject({
      step: 'stations',
      station: 0,
      state: { context: 'playing-end', taps: [fine.tap] },
    });
  });

  it('changes nothing by what cannot happen where it is', () => {
    const start = begin();
    expect(lookReducer(start, { type: 'mark' })).toBe(start);
    expect(lookReducer(start, { type: 'read', marks })).toBe(start);
    expect(lookReducer(start, { type: 'compare' })).toBe(start);
    const camera = begin({ step: 'camera' });
    expect(lookReducer(camera, { type: 'mark' })).toBe(camera);
    expect(lookReducer(start, { type: 'recognised', view: 'profile', marks })).toBe(start);
  });

  it('never shows points without a picture or a result of nothing, and loses no answer by moving', () => {
    fc.assert(
      fc.property(fc.array(fc.constantFrom(...EVENTS), { maxLength: 40 }), (events) => {
        let draft = begin();
        for (const event of events) {
          const before = draft;
          draft = lookReducer(draft, event);
          if (draft.step === 'measure') expect(draft.shot.picture).not.toBeNull();
          if (event.type !== 'answer') expect(draft.state.taps).toEqual(before.state.taps);
          if (draft.step === 'result' && before.step !== 'result') {
            expect(isBegun(draft.state)).toBe(true);
          }
        }
      }),
    );
  });
});
