import { BOW_BODIES, scaledBody, type BowBody } from '../bow/bowBody';
import type { DrawnHold } from './drawnHold';

/** The bow of a drawn hold as a body. */
export const bowOf = ({ bow, bowScale }: Pick<DrawnHold, 'bow' | 'bowScale'>): BowBody =>
  scaledBody(BOW_BODIES[bow], bowScale);
