import { Pressable, StyleSheet, View } from 'react-native';
import type { Hold } from '@open-palm/core/holds';
import type { GripDrawing } from '@open-palm/core/portrait';
import { seenAt } from '@open-palm/core/portrait/seenAt';
import { stationOf, type PortraitView } from '@open-palm/core/portrait/views';
import { stateColor } from '../../foundation/kit/StateMark';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { TOUCH } from '../../foundation/kit/tokens';
import { apart } from '../../drawing/portrait/apart';
import type { Anchor, HandPart, PartId } from './handParts';
import type { PartState } from './partState';

/** As shares of the picture's width: how near two targets may stand, and one to the edge. */
const ROOM = 0.125;
const MARGIN = 0.07;
const RING_PX = 36;

/** The places of a drawn hand that are touched. They are named beside it as well, for who does not point. */
export function PartTargets({
  drawing,
  view,
  hold,
  mirrored,
  parts,
  states,
  onPart,
}: {
  drawing: GripDrawing;
  view: PortraitView;
  hold: Hold;
  mirrored: boolean;
  parts: readonly HandPart[];
  states: ReadonlyMap<PartId, PartState>;
  onPart: (part: PartId) => void;
}) {
  const tokens = useTokens();
  const { width, height } = drawing;
  const shown = parts.flatMap((part) => (part.at ? [{ part, at: part.at }] : []));
  const places = apart(
    shown.map(({ at }) => {
      const { x, y } = placeOf(at, drawing, view, hold);
      return {
        x: inside((mirrored ? width - x : x) / width, 1),
        y: inside(y / width, height / width),
      };
    }),
    ROOM,
  );
  return (
    <View style={StyleSheet.absoluteFill} pointerEvents="box-none" aria-hidden>
      {shown.map(({ part: { id } }, i) => {
        const { mark, isTouched } = states.get(id)!;
        const { x, y } = places[i]!;
        return (
          <Pressable
            key={id}
            testID={`touch-${id}`}
            tabIndex={-1}
            onPress={() => onPart(id)}
            style={{
              position: 'absolute',
              left: `${100 * x}%`,
              top: `${(100 * y * width) / height}%`,
              width: TOUCH,
              height: TOUCH,
              margin: -TOUCH / 2,
              alignItems: 'center',
              justifyContent: 'center',
            }}
          >
            {({ pressed }) => (
              <View
                style={{
                  width: RING_PX,
                  height: RING_PX,
                  borderRadius: RING_PX / 2,
                  // Light between dark lines, so that it is seen on any skin and on the bow.
                  borderWidth: 3,
                  borderColor: isTouched ? stateColor(tokens, mark) : tokens.card,
                  outlineWidth: isTouched ? 3 : 1.5,
                  outlineStyle: 'solid',
                  outlineColor: isTouched ? tokens.card : tokens.ink,
                  backgroundColor: pressed ? tokens.amberGround : 'transparent',
                }}
              />
            )}
          </Pressable>
        );
      })}
    </View>
  );
}

const inside = (at: number, size: number) => Math.min(size - MARGIN, Math.max(MARGIN, at));

function placeOf(at: Anchor, drawing: GripDrawing, view: PortraitView, hold: Hold) {
  if ('mark' in at) return drawing.marks[at.mark];
  if ('bend' in at) return drawing.bends[at.bend];
  if ('joint' in at) return drawing.joints[at.joint];
  if ('between' in at) {
    const [one, other] = at.between.map((joint) => drawing.joints[joint]);
    return { x: (one!.x + other!.x) / 2, y: (one!.y + other!.y) / 2 };
  }
  const along = hold.startingPlacesMm.thumb + at.besideThumbMm;
  return seenAt(stationOf(view, hold.hand), [along, 0, 0]);
}
