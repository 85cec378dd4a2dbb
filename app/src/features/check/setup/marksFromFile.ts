import type { Hold } from '@open-palm/core/holds';
import type { PlacedCapture, PointName } from '@open-palm/core/measure';
import { changeMarks } from '../../../drawing/annotate/marks';
import { noMarks, type Marks } from '../../../drawing/annotate/marksState';
import { sequenceFor } from '../../../drawing/annotate/sequence';

/** Points that came from a file as marks of a picture. */
export const marksFromFile = ({ view, points }: PlacedCapture, hold: Hold): Marks =>
  Object.entries(points).reduce<Marks>(
    (now, [name, at]) =>
      changeMarks(now, { type: 'set', name: name as PointName, at: { x: at.x, y: at.y } }),
    noMarks(sequenceFor(view, hold).needed),
  );
