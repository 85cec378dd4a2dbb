import { v7 as uuidv7 } from 'uuid';
import type { CheckInput } from '@open-palm/contract';
import type { Hold } from '@open-palm/core/holds';
import type { PointName, View } from '@open-palm/core/measure';
import type { Entry } from '../../../foundation/api/sync/entry';
import type { Shot } from '../look/lookState';
import { changeMarks } from '../../../drawing/annotate/marks';
import { noMarks, type Marks } from '../../../drawing/annotate/marksState';
import { sequenceFor } from '../../../drawing/annotate/sequence';
import type { CheckDraft } from './checkDraft';
import { newShot } from './newShot';

/**
 * A look that stopped on its way, taken up again: its pictures, marks, answers and signs as a look under way, under ids of its own, so that
 * it is another one than the studio refused.
 *
 * @param urlOf gives a picture an address on this page
 */
export function draftOfEntry(
  entry: Entry & { kind: 'check'; body: CheckInput },
  hold: Hold,
  urlOf: (blob: Blob) => string,
): CheckDraft {
  const { context, captures, taps, signs, readiness } = entry.body;
  const shots = captures.flatMap((capture): Shot[] => {
    const blob = entry.pictures.find(({ id }) => id === capture.pictureId)?.blob;
    if (!blob) return [];
    const { width, height } = capture.image;
    const view = capture.view as View;
    const marks = Object.entries(capture.points).reduce<Marks>(
      (now, [name, at]) =>
        changeMarks(now, { type: 'set', name: name as PointName, at: { x: at!.x, y: at!.y } }),
      noMarks(sequenceFor(view, hold).needed),
    );
    const picture = { id: uuidv7(), blob, url: urlOf(blob), width, height };
    return [{ id: uuidv7(), picture, view, place: capture.place, marks }];
  });
  return {
    version: 2,
    checkId: uuidv7(),
    step: 'result',
    station: 0,
    state: { context, shots, taps: taps as CheckDraft['state']['taps'], signs, readiness },
    shot: newShot(hold.views[0] as View),
    watching: false,
    isDone: true,
    instead: entry.id,
  };
}
