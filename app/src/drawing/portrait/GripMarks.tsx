import { Circle, G } from 'react-native-svg';
import { FINGERS } from '@open-palm/core/hand';
import type { Digit } from '@open-palm/core/pose/digits';
import type { GripDrawing } from '@open-palm/core/portrait';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { strings } from '../../foundation/strings';
import { apart } from './apart';
import { PER_MM } from './DrawnHand';
import { PortraitMark } from './PortraitMark';
import { markState, type PortraitNumbers } from './portraitNumbers';

const DIGITS = [...FINGERS, 'thumb'] as const;

/** Width of a usual portrait in its own units: a mark's sizes are told for it. */
const USUAL_WIDTH = 1500;
/** How near two marks may stand so that both are read, mm. */
const ROOM_MM = 8;
/** Half the width of the ring about a joint whose bend nobody has measured, mm. */
const JOINT_R = 2.1;

/**
 * Where each digit touches, its state by shape; what lies behind is a ring. A dotted ring at a joint says that its bend is drawn as the
 * hold wants it.
 */
export function GripMarks({
  drawing: { width, marks, bends },
  unseen,
  supposed,
  verdicts,
  mirrored,
}: {
  drawing: GripDrawing;
  unseen: readonly Digit[];
  supposed: readonly Digit[];
  verdicts: PortraitNumbers['verdicts'];
  mirrored: boolean;
}) {
  const tokens = useTokens();
  // Marks are as large in a wide picture as in a narrow one.
  const unit = (PER_MM * width) / USUAL_WIDTH;
  const across = (x: number) => (mirrored ? width - x : x) / unit;
  const places = apart(
    DIGITS.map((digit) => ({ x: across(marks[digit].x), y: marks[digit].y / unit })),
    ROOM_MM,
  );
  const drawn = DIGITS.map((digit, i) => ({
    digit,
    ...places[i]!,
    ...{ isBehind: marks[digit].isBehind },
  }));
  // What lies behind is drawn first, so that it is covered where marks meet.
  drawn.sort((a, b) => Number(b.isBehind) - Number(a.isBehind));
  return (
    <G scale={unit} color={tokens.ink}>
      {supposed
        .filter((digit) => !bends[digit].isBehind)
        .map((digit) => (
          <Circle
            key={digit}
            cx={across(bends[digit].x)}
            cy={bends[digit].y / unit}
            r={JOINT_R}
            fill={tokens.card}
            fillOpacity={0.6}
            stroke={tokens.notSeen}
            strokeWidth={0.7}
            strokeDasharray="1.1 1.1"
          />
        ))}
      {drawn.map(({ digit, x, y, isBehind }) => (
        <PortraitMark
          key={digit}
          x={x}
          y={y}
          state={markState(verdicts, digit, !unseen.includes(digit))}
          text={digit === 'thumb' ? strings.portrait.thumb : String(FINGERS.indexOf(digit) + 1)}
          isBehind={isBehind}
        />
      ))}
    </G>
  );
}
