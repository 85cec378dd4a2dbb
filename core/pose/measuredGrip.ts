import { FINGERS } from '../hand';
import type { GripContacts } from '../measure/gripContacts';
import type { MeasureId } from '../measure/measureIds';

/** What was measured or tapped of a hold, any part of it; numbers in the measures' own units, categories as words. */
export interface MeasuredGrip {
  contacts: GripContacts;
  measures: Partial<Record<MeasureId, number | string>>;
}

/** Nothing measured at all. */
export const NOTHING_MEASURED: MeasuredGrip = {
  contacts: {
    thumbXMm: null,
    fingers: Object.fromEntries(FINGERS.map((finger) => [finger, null])) as GripContacts['fingers'],
  },
  measures: {},
};
