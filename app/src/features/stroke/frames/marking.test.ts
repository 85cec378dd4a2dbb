import type { MarkableFrame } from './markableFrame';
import { beginMarking, nextMarking, progressOf } from './marking';

const frame = (timeS: number, marks: MarkableFrame['marks'] = {}): MarkableFrame =>
  ({ picture: { url: '', width: 100, height: 100, timeS }, marks, dropped: false }) as never;

const at = { x: 1, y: 2 };
const hand = { wrist: at, middleMcp: at };

describe('marking frames one after the other', () => {
  it('goes on to the next frame once everything that is asked here is put and the finger lifted', () => {
    let marking = beginMarking('wrist', [frame(0, hand), frame(1, hand)], []);
    for (const name of ['forearmFar', 'forearmNear'] as const) {
      marking = nextMarking(marking, { type: 'put', name, to: at });
      expect(marking.at).toBe(0);
    }
    expect(nextMarking(marking, { type: 'lifted' }).at).toBe(1);
    expect(progressOf(marking)).toEqual({ marked: 1, asked: 2 });
  });

  it('takes back a mark that was not meant, and leaves the others', () => {
    const put = nextMarking(beginMarking('wrist', [frame(0, hand)], []), {
      type: 'put',
      name: 'forearmFar',
      to: at,
    });
    expect(put.frames[0]!.marks).toEqual({ ...hand, forearmFar: at });
    const back = nextMarking(put, { type: 'takeBack', name: 'forearmFar' });
    expect(back.frames[0]!.marks).toEqual(hand);
    expect(back.at).toBe(0);
  });
});
