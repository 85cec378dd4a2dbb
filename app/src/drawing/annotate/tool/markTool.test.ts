import type { PointName } from '@open-palm/core/measure';
import { changeMarks, type MarksAction } from '../marks';
import { noMarks, type Marks, type Places } from '../marksState';
import { nearestMark } from '../nearestMark';
import { inside, toPicture, toScreen } from '../../pictures/viewport';
import { nextToolState } from './markTool';
import { worldOfMarks } from '../worldOfMarks';
import type { ToolEvent, ToolState } from './toolTypes';

const PICTURE = { width: 1000, height: 800 };
const VIEWPORT = { scale: 0.5, x: 10, y: 20 };
const SEQUENCE: PointName[] = ['frogFront', 'frogBack', 'thumbTip'];

/** A person at the picture: the tool as the screen drives it. */
function person(sequence: readonly PointName[] = SEQUENCE) {
  let state: ToolState<PointName> = { name: 'idle' };
  let marks: Marks = noMarks(sequence);
  const change = (action: MarksAction) => {
    marks = changeMarks(marks, action);
  };
  const world = worldOfMarks({ change, current: () => marks });
  const send = (event: ToolEvent) => {
    state = nextToolState(state, event, {
      ...world,
      markAt: (at) => nearestMark(world.touchable(), VIEWPORT, at),
      screenOf: (name) => toScreen(VIEWPORT, world.placeOf(name)),
      pictureAt: (at) => inside(toPicture(VIEWPORT, at), PICTURE),
    });
  };
  const user = {
    down: (x: number, y: number) => (send({ type: 'down', at: { x, y } }), user),
    move: (x: number, y: number) => (send({ type: 'move', at: { x, y } }), user),
    up: (x: number, y: number) => (send({ type: 'up', at: { x, y } }), user),
    cancel: () => (send({ type: 'cancel' }), user),
    offer: (guesses: Places) => (change({ type: 'offer', guesses }), user),
    agree: (...names: PointName[]) => (change({ type: 'agree', names }), user),
    expectState: (name: ToolState<PointName>['name']) => (expect(state.name).toBe(name), user),
    expectPlaced: (placed: Marks['placed']) => (expect(marks.placed).toEqual(placed), user),
    expectChosen: (name: PointName) => (expect(marks.chosen).toBe(name), user),
    undo: () => (change({ type: 'undo' }), user),
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

describe('the mark tool over guesses', () => {
  const FINGER: PointName[] = ['indexMcp', 'indexPip', 'indexDip', 'indexTip'];
  const guesses: Places = Object.fromEntries(
    FINGER.map((name, i) => [name, { x: 100 + 200 * i, y: 200 }]),
  );
  const looking = () => person(FINGER).offer(guesses);

  it('moves a guess, which counts no more than before until it is called right', () => {
    looking()
      .down(60, 120)
      .expectState('pointing')
      .move(80, 130)
      .expectState('guessing')
      .up(80, 130)
      .expectState('confirming')
      .expectPlaced({})
      .agree(...FINGER)
      .expectPlaced({ ...guesses, indexMcp: { x: 140, y: 220 } });
  });

  it('says nothing by a touch beside several guesses', () => {
    looking()
      .down(300, 350)
      .expectState('confirming')
      .move(320, 350)
      .up(320, 350)
      .expectState('confirming')
      .expectPlaced({});
  });

  it('brings a guess back where the drag is given up', () => {
    looking()
      .down(60, 120)
      .move(80, 130)
      .cancel()
      .expectState('confirming')
      .agree(...FINGER)
      .expectPlaced(guesses);
  });

  it('takes a touch beside a single guess for where it really is, and as said right', () => {
    person(['thumbTip'])
      .offer({ thumbTip: { x: 500, y: 400 } })
      .down(110, 120)
      .expectState('guessing')
      .up(110, 120)
      .expectState('idle')
      .expectPlaced({ thumbTip: { x: 200, y: 200 } });
  });

  it('gives up the last picture’s bow where the bow is touched elsewhere, in one step that is taken back', () => {
    const bow: PointName[] = ['stickHandEnd', 'stickTipEnd', 'frogFront', 'frogBack'];
    person(bow)
      .offer(Object.fromEntries(bow.map((name, i) => [name, { x: 100 + 200 * i, y: 600 }])))
      .down(110, 120)
      .expectState('dragging')
      .up(110, 120)
      .expectState('idle')
      .expectPlaced({ stickHandEnd: { x: 200, y: 200 } })
      .undo()
      .expectPlaced({});
  });
});
