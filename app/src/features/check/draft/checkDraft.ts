import type { Place, View } from '@open-palm/core/measure';
import type { ChosenPicture } from '../../../drawing/pictures/preparePicture';
import { isBegun, type LookState } from '../look/lookState';
import type { Marks } from '../../../drawing/annotate/marksState';

/** The picture that is being taken or marked. */
export interface ShotDraft {
  id: string;
  view: View;
  /** Nobody has said so: the picture itself may tell another one. Missing in drafts of the program before, whose view was chosen. */
  viewIsAssumed?: boolean;
  place: Place | null;
  picture: ChosenPicture | null;
  marks: Marks | null;
  /** By what marks are known as those of this very picture and view. */
  marksOf: string;
}

export const STEPS = [
  'setup',
  'ready',
  'camera',
  'measure',
  'stations',
  'tests',
  'result',
] as const;
export type Step = (typeof STEPS)[number];

/** All of a look that is not finished. */
export interface CheckDraft {
  /** Changes when this shape does: what an older program left is not read. */
  version: 2;
  checkId: string;
  step: Step;
  /** Which station of the inspection is next. */
  station: number;
  state: LookState;
  shot: ShotDraft;
  /** Whether verdicts wait until the look is done, and whether it is. */
  watching: boolean;
  isDone: boolean;
  /** A look that stopped on its way, of which this one takes the place. */
  instead?: string;
}

/** Addresses of pictures are only good for one page; what is kept leaves them out. */
export function storable(draft: CheckDraft): CheckDraft {
  return mapPictures(draft, (picture) => ({ ...picture, url: '' }));
}

/**
 * A draft as it was kept, its pictures given addresses again.
 *
 * @returns null for what is not a draft of this program
 */
export function restored(content: unknown, urlOf: (blob: Blob) => string): CheckDraft | null {
  const draft = content as CheckDraft | null;
  if (draft?.version !== 2) return null;
  return mapPictures({ ...draft, step: stepAgain(draft) }, (picture) => ({
    ...picture,
    url: urlOf(picture.blob),
  }));
}

/** Where an unfinished look goes on: where it was, as long as that has something to show. The camera is not opened by itself. */
function stepAgain({ step, state, shot }: CheckDraft): Step {
  if (!STEPS.includes(step) || step === 'camera') return 'setup';
  if (step === 'measure' && !shot.picture) return 'setup';
  return step === 'result' && !isBegun(state) ? 'setup' : step;
}

function mapPictures(
  draft: CheckDraft,
  change: (picture: ChosenPicture) => ChosenPicture,
): CheckDraft {
  const { state, shot } = draft;
  return {
    ...draft,
    state: {
      ...state,
      shots: state.shots.map((one) => ({ ...one, picture: change(one.picture) })),
    },
    shot: { ...shot, picture: shot.picture && change(shot.picture) },
  };
}
