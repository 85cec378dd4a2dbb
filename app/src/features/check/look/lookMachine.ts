import type { Context, MeasureId, Place, Tap, View } from '@open-palm/core/measure';
import type { Readiness } from '@open-palm/contract';
import type { Marks } from '../../../drawing/annotate/marksState';
import { changeMarks } from '../../../drawing/annotate/marks';
import type { ChosenPicture } from '../../../drawing/pictures/preparePicture';
import type { CheckDraft, ShotDraft, Step } from '../draft/checkDraft';
import { newShot } from '../draft/newShot';
import {
  allReady,
  answer,
  isBegun,
  isLookedAt,
  markSigns,
  putShot,
  removeShot,
  setReady,
  type LookState,
  type Shot,
} from './lookState';

/** What can happen in a look. Those without a place in the table below can happen at every step, and stay there. */
export type LookEvent =
  | { type: 'askReady' | 'askPicture' | 'askTests' | 'askSetup' }
  | { type: 'mark' | 'touch' | 'done' | 'compare' | 'allReady' }
  /** Goes back; from the points of a picture with the marks as they are. */
  | { type: 'leave'; marks?: Marks }
  | { type: 'taken'; picture: ChosenPicture }
  /** The found hand tells from where the picture was taken; its guesses come along. */
  | { type: 'recognised'; view: View; marks: Marks }
  | { type: 'pointsRead'; view: View; place: Place | null; marks: Marks }
  | { type: 'read'; marks: Marks }
  | { type: 'move'; shot: Shot }
  | { type: 'another'; view: View }
  | { type: 'station'; at: number }
  | { type: 'flipped'; picture: ChosenPicture }
  | { type: 'framed'; as: Partial<Pick<ShotDraft, 'view' | 'place'>> }
  | { type: 'context'; context: Context }
  | { type: 'ready'; ready: Readiness[number] }
  | { type: 'answer'; measure: MeasureId; tap: Tap | null }
  | { type: 'signs'; marked: Readonly<Record<string, boolean | null>> }
  | { type: 'remove'; shotId: string }
  | { type: 'watch'; watching: boolean }
  | { type: 'finish' };

type Move = Step | ((draft: CheckDraft) => Step);

const afterStations = ({ state }: CheckDraft): Step => (isBegun(state) ? 'result' : 'setup');

/**
 * Where a look goes: the step it is at, what happens, the step that follows.
 *
 *     setup     askReady → ready · askPicture → camera · mark, pointsRead → measure · touch → stations · leave → result, once looked at
 *     ready     leave, allReady → setup
 *     camera    leave → setup · taken → measure · touch → stations
 *     measure   leave → setup · recognised → measure · read → result
 *     stations  askTests → tests · askSetup → setup · done, leave → result, once begun, else setup
 *     tests     leave → stations · compare → stations, as the end of the lesson
 *     result    move → measure · another → camera · touch → stations · remove → setup, once nothing is left
 */
export const MOVES: Readonly<Record<Step, Partial<Record<LookEvent['type'], Move>>>> = {
  setup: {
    askReady: 'ready',
    askPicture: 'camera',
    mark: 'measure',
    pointsRead: 'measure',
    touch: 'stations',
    leave: ({ state }) => (isLookedAt(state) ? 'result' : 'setup'),
  },
  ready: { leave: 'setup', allReady: 'setup' },
  camera: { leave: 'setup', taken: 'measure', touch: 'stations' },
  measure: { leave: 'setup', recognised: 'measure', read: 'result' },
  stations: {
    askTests: 'tests',
    askSetup: 'setup',
    done: afterStations,
    leave: afterStations,
  },
  tests: { leave: 'stations', compare: 'stations' },
  result: {
    move: 'measure',
    another: 'camera',
    touch: 'stations',
    remove: ({ state }) => (isBegun(state) ? 'result' : 'setup'),
  },
};

/** What does not move the look from where it is. */
const ANYWHERE: ReadonlySet<LookEvent['type']> = new Set<LookEvent['type']>([
  'station',
  'flipped',
  'framed',
  'context',
  'ready',
  'answer',
  'signs',
  'remove',
  'watch',
  'finish',
]);

/** By what marks are known as those of a picture and its view. */
export const marksKey = ({ picture, view }: Pick<ShotDraft, 'picture' | 'view'>): string =>
  `${picture?.id} ${view}`;

/** A look after something has happened in it; unchanged where that cannot happen there. */
export function lookReducer(draft: CheckDraft, event: LookEvent): CheckDraft {
  const move = MOVES[draft.step][event.type];
  if (move === undefined && !ANYWHERE.has(event.type)) return draft;
  const changed = { ...draft, ...changeOf(draft, event) };
  const step = move === undefined ? draft.step : typeof move === 'string' ? move : move(changed);
  // Points need a picture to be placed on.
  return step === 'measure' && changed.shot.picture === null ? draft : { ...changed, step };
}

/** What an event changes beside the step. */
function changeOf(draft: CheckDraft, event: LookEvent): Partial<CheckDraft> {
  const { shot, state } = draft;
  const inState = (next: LookState) => ({ state: next });
  const inShot = (more: Partial<ShotDraft>) => ({ shot: { ...shot, ...more } });
  switch (event.type) {
    case 'leave':
      return event.marks ? inShot({ marks: event.marks, marksOf: marksKey(shot) }) : {};
    case 'taken':
      return inShot({ picture: event.picture });
    case 'flipped':
      return inShot({
        picture: event.picture,
        marks:
          shot.marks && changeMarks(shot.marks, { type: 'mirror', width: event.picture.width }),
      });
    case 'recognised': {
      const next = { ...shot, view: event.view, viewIsAssumed: false };
      return { shot: { ...next, marks: event.marks, marksOf: marksKey(next) } };
    }
    case 'framed':
      return inShot({ ...event.as, ...(event.as.view ? { viewIsAssumed: false } : {}) });
    case 'pointsRead': {
      const { view, place, marks } = event;
      const next = { ...shot, view, viewIsAssumed: false, place };
      return { shot: { ...next, marks, marksOf: marksKey(next) } };
    }
    case 'read': {
      const { id, view, place, picture } = shot;
      const { marks } = event;
      return picture
        ? {
            ...inState(putShot(state, { id, view, place, picture, marks })),
            ...inShot({ marks, marksOf: marksKey(shot) }),
          }
        : {};
    }
    case 'move':
      return { shot: { ...event.shot, marksOf: marksKey(event.shot) } };
    case 'another':
      return { shot: newShot(event.view) };
    case 'touch':
      return { station: 0 };
    case 'compare':
      return { station: 0, ...inState({ ...state, context: 'playing-end' }) };
    case 'station':
      return { station: event.at };
    case 'context':
      return inState({ ...state, context: event.context });
    case 'ready':
      return inState(setReady(state, event.ready));
    case 'allReady':
      return inState(allReady(state));
    case 'answer':
      return inState(answer(state, event.measure, event.tap));
    case 'signs':
      return inState(markSigns(state, event.marked));
    case 'remove':
      return inState(removeShot(state, event.shotId));
    case 'watch':
      return { watching: event.watching, isDone: false };
    case 'finish':
      return { isDone: true };
    default:
      return {};
  }
}
