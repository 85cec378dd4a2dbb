import type { PointName } from '@open-palm/core/measure';
import { changeMarks, guessesGivenUp, pointToSet } from '../marks';
import { noMarks, type Marks } from '../marksState';
import { nearestMark } from '../nearestMark';
import { inside, toPicture, toScreen } from '../../pictures/viewport';
import { IDLE } from './idle';
import { nextToolState } from './markTool';
import type { ToolEvent, ToolState } from './toolTypes';

const PICTURE = { width: 1000, height: 800 };
const VIEWPORT = { scale: 0.5, x: 10, y: 20 };
const SEQUENCE: PointName[] = ['frogFront', 'frogBack', 'thumbTip'];

/** A person at the picture: the tool as the screen drives it. */
function person() {
  let state: ToolState = IDLE;
  let marks: Marks = noMarks(SEQUENCE);
  const send = (event: ToolEvent) => {
    state = nextToolState(state, event, {
      markAt: (at) => nearestMark(marks.placed, VIEWPORT, at),
      screenOf: (name) => toScreen(VIEWPORT, marks.placed[name]!),
      pictureAt: (at) => inside(toPicture(VIEWPORT, at), PICTURE),
      next: pointToSet(marks),
      givenUp: guessesGivenUp(marks),
      change: (action) => (marks = changeMarks(marks, action)),
    });
  };
  const user = {
    down: (x: number, y: number) => (send({ type: 'down', at: { x, y } }), user),
    move: (x: number, y: number) => (send({ type: 'move', at: { x, y } }), user),
    up: (x: number, y: number) => (send({ type: 'up', at: { x, y } }), user),
    cancel: () => (send({ type: 'cancel' }), user),
    expectState: (name: ToolState['name']) => (expect(state.name).toBe(name), user),
    expectPlaced: (placed: Marks['placed']) => (expect(marks.placed).toEqual(placed), user),
    expectChosen: (name: PointName) => (expect(marks.chosen).toBe(name), user),
    undo: () => ((marks = changeMarks(marks, { type: 'undo' })), user),
  };
  return user;
}

describe('the mark tool', () => {
  it('sets the next point where the finger lets go', () => {
    person()
      .expectState('idle')
      .down(110, 120)
      .expectState('dragging')
      .move(112, 121)
      .up(112, 121)
      .expectState('idle')
      .expectPlaced({ frogFront: { x: 204, y: 202 } })
      .expectChosen('frogBack');
  });

  it('chooses a mark by a tap, without moving it', () => {
    person()
      .down(110, 120)
      .up(110, 120)
      .down(113, 122)
      .expectState('pointing')
      .move(114, 123)
      .expectState('pointing')
      .up(114, 123)
      .expectState('idle')
      .expectPlaced({ frogFront: { x: 200, y: 200 } })
      .expectChosen('frogFront');
  });

  it('drags a mark without letting it jump under the finger', () => {
    person()
      .down(110, 120)
      .up(110, 120)
      .down(114, 120)
      .move(134, 130)
      .expectState('dragging')
      .expectPlaced({ frogFront: { x: 240, y: 220 } })
      .up(134, 130)
      .expectState('idle');
  });

  it('brings a mark back when the drag is given up, and takes away a point half set', () => {
    person()
      .down(110, 120)
      .up(110, 120)
      .down(110, 120)
      .move(200, 200)
      .cancel()
      .expectState('idle')
      .expectPlaced({ frogFront: { x: 200, y: 200 } })
      .down(300, 300)
      .cancel()
      .expectPlaced({ frogFront: { x: 200, y: 200 } })
      .expectChosen('frogBack');
  });

  it('keeps points inside the picture', () => {
    person()
      .down(110, 120)
      .move(-50, 5000)
      .up(-50, 5000)
      .expectPlaced({ frogFront: { x: 0, y: 800 } });
  });

  it('takes back a drag as one step', () => {
    person()
      .down(110, 120)
      .up(110, 120)
      .down(110, 120)
      .move(150, 150)
      .move(170, 160)
      .up(170, 160)
      .undo()
      .expectPlaced({ frogFront: { x: 200, y: 200 } });
  });

  it('takes the nearer of two marks that are close together', () => {
    person()
      .down(110, 120)
      .up(110, 120)
      .down(150, 120)
      .up(150, 120)
      .down(145, 120)
      .up(145, 120)
      .expectChosen('frogBack');
  });

  it('sets the point that is asked for when the tap is beside a mark, not on it', () => {
    person()
      .down(110, 120)
      .up(110, 120)
      .down(110, 134)
      .up(110, 134)
      .expectPlaced({ frogFront: { x: 200, y: 200 }, frogBack: { x: 200, y: 228 } })
      .expectChosen('thumbTip');
  });

  it('goes on with the order after a mark was chosen', () => {
    person()
      .down(110, 120)
      .up(110, 120)
      .down(110, 120)
      .up(110, 120)
      .expectChosen('frogFront')
      .down(300, 200)
      .up(300, 200)
      .expectPlaced({ frogFront: { x: 200, y: 200 }, frogBack: { x: 580, y: 360 } });
  });
});
