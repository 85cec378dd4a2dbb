import type { MeasureId } from '../measure';
import { unseenDigits } from '../pose/measuredOf';
import { NOTHING_MEASURED, type MeasuredGrip } from '../pose/measuredGrip';
import type { GripOrder } from './gripDrawing';

/** The hand that a hold wants, on its bow, as a portrait from a side. */
export const wantedOrder = (
  drawn: Pick<GripOrder, 'hold' | 'build'>,
  view: GripOrder['view'],
): GripOrder => ({
  ...drawn,
  grip: NOTHING_MEASURED,
  view,
  held: 'bow',
  upMm: 0,
  detail: 'portrait',
  unseen: [],
  beside: null,
});

/** The same hand as it was measured; digits of which nothing is known are drawn as not seen. */
export const measuredOrder = (
  drawn: Pick<GripOrder, 'hold' | 'build'>,
  view: GripOrder['view'],
  grip: MeasuredGrip,
): GripOrder => ({
  ...wantedOrder(drawn, view),
  grip,
  unseen: unseenDigits(grip.contacts, Object.keys(grip.measures) as MeasureId[]),
});
