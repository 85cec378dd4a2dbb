import { DIGITS } from './digits';
import type { HandBuild } from './handBuild';
import { DIGIT_JOINTS, JOINTS, REST } from './rig';

/** Where each of the rig's joints rests in a hand of this build, from the wrist, mm. */
export function restPlaces(build: HandBuild): Float64Array {
  const places = new Float64Array(3 * JOINTS);
  const [wx, wy, wz] = REST[0]!.at;
  for (const digit of DIGITS) {
    const share = digit === 'thumb' ? build.thumb : build.fingers;
    // The palm's own joints: a thumb's first, a finger's first two. The rig's palm is as broad as it is long in z.
    const inPalm = digit === 'thumb' ? 1 : 2;
    DIGIT_JOINTS[digit].forEach((joint, i) => {
      const [x, y, z] = REST[joint]!.at;
      const to = 3 * joint;
      if (i < inPalm) {
        places[to] = (x - wx) * build.size;
        places[to + 1] = (y - wy) * build.size;
        places[to + 2] = (z - wz) * build.breadth * build.size;
      } else {
        const [bx, by, bz] = REST[joint - 1]!.at;
        const by1 = share * build.size;
        places[to] = places[to - 3]! + (x - bx) * by1;
        places[to + 1] = places[to - 2]! + (y - by) * by1;
        places[to + 2] = places[to - 1]! + (z - bz) * by1;
      }
    });
  }
  return places;
}
