import type { Place, View } from '@open-palm/core/measure';
import type { ChosenPicture } from '../../../drawing/pictures/preparePicture';
import type { LookState } from '../look/lookState';
import type { Marks } from '../../../drawing/annotate/marksState';

/** The picture that is being taken or marked. */
export interface ShotDraft {
  id: string;
  view: View;
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
  // The camera is not opened by itself.
  const step = draft.step === 'camera' ? 'setup' : draft.step;
  return mapPictures({ ...draft, step }, (picture) => ({ ...picture, url: urlOf(picture.blob) }));
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
