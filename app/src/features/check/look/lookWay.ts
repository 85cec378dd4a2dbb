import { remembered } from '../../../foundation/kit/remembered';

/** How a look begins on this device, as the last one did: with the camera, or by touching the drawn hand. */
export const lookWay = remembered('open-palm.look.way', ['camera', 'tap'], 'camera');
