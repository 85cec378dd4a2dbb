import { useMemo } from 'react';
import { G, Path } from 'react-native-svg';
import { FINGERS } from '@open-palm/core/hand';
import type { Hold } from '@open-palm/core/holds';
import type { GripContacts } from '@open-palm/core/measure';
import { figureOfHold } from './figureOfHold';
import { pathThrough, tubeOutline } from './tube';

/** Thumb and fingers of another look as dashed outlines, over a hand that is drawn; what was not seen is left out. */
export function HandOutline({
  hold,
  contacts,
  thumbIpFlexionDeg,
  color,
}: {
  hold: Hold;
  contacts: GripContacts;
  thumbIpFlexionDeg: number | null;
  color: string;
}) {
  const figure = useMemo(
    () => figureOfHold(hold, contacts, thumbIpFlexionDeg),
    [hold, contacts, thumbIpFlexionDeg],
  );
  const seen = FINGERS.map((finger) => figure.fingers[finger]).filter((finger) => finger.seen);
  const thumb = thumbIpFlexionDeg === null && contacts.thumbXMm === null ? [] : [figure.thumb];
  return (
    <G>
      {[...seen, ...thumb].map(({ joints, radii }, i) => (
        <Path
          key={i}
          d={pathThrough(tubeOutline(joints, radii))}
          fill="none"
          stroke={color}
          strokeWidth={0.9}
          strokeDasharray="2.4 1.8"
          strokeLinejoin="round"
        />
      ))}
    </G>
  );
}
