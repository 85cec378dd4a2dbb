import { memo } from 'react';
import { View } from 'react-native';
import Svg, { Circle, G, Line, Text as SvgText } from 'react-native-svg';
import { CONTACTS, type ContactName } from '@open-palm/core/balance';
import type { KnownBow } from '@open-palm/core/bow';
import type { Hold } from '@open-palm/core/holds';
import { DragHandle } from '../../foundation/kit/DragHandle';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { FONTS } from '../../foundation/kit/tokens';
import { DrawnHand, PER_MM } from '../../drawing/portrait/DrawnHand';
import { PortraitMark } from '../../drawing/portrait/PortraitMark';
import type { Skin } from '@open-palm/core/portrait/skins';
import type { GripDrawing } from '@open-palm/core/portrait';
import { balanceWords } from '../../foundation/strings/balance';
import { ForceArrow } from './ForceArrow';
import { handForceScale, LONGEST_ARROW_MM } from './forceScale';
import { dragLimits, DRAGGED, type Dragged } from './balanceState';
import { contactMark, isAboveCap, markText } from './contactMark';
import { FRAME, LEFT } from './handOrder';
import type { Held } from './useBalance';

const words = balanceWords;

/** Half the stick's thickness, where arrows meet it, mm. */
const STICK_MM = 5;

/** The thumb's mark stands at the foot of its arrow, below those of the fingers. */
const THUMB_MARK_MM = 12;

/** Numbers are larger against the hand where it is drawn small. */
const SMALL_LABEL = 1.8;

/** A ring about a mark that can be dragged. */
const RING_MM = 7;

/** What a key moves a finger by, mm. */
const KEY_MM = 1;

/**
 * The hand close by on its bow, its forces as arrows. Index, thumb and little finger are dragged along the stick, or it is
 * only looked at.
 */
export const BalancePicture = memo(function LeverPicture({
  hold,
  bow,
  held,
  drawing,
  onString,
  strength,
  upMm,
  skin,
  mirrored,
  label,
  onPlace,
}: {
  hold: Hold;
  bow: KnownBow;
  held: Held;
  /** Null until it is drawn. */
  drawing: GripDrawing | null;
  onString: boolean;
  /** Share of an adult's. */
  strength: number;
  /** How far the hand is up the stick: the picture goes with it. */
  upMm: number;
  skin: Skin;
  mirrored: boolean;
  label: string;
  /** A contact was moved, mm from the frog's front; without it the picture stands still. */
  onPlace?: (contact: Dragged, xMm: number) => void;
}) {
  const tokens = useTokens();
  const still = onPlace === undefined;
  const { hand } = held;
  const left = LEFT[hold.hand] + upMm;
  const { mmPerN, barN } = handForceScale(onString, strength);
  const share = (xMm: number) => {
    const at = (xMm - left) / FRAME.width;
    return mirrored ? 1 - at : at;
  };
  const shown = (xMm: number) => share(xMm) * FRAME.width;
  const mmOf = (at: number) => left + (mirrored ? 1 - at : at) * FRAME.width;
  const move = (contact: Dragged, xMm: number) => {
    const { min, max } = dragLimits(contact, hand, bow, upMm);
    onPlace?.(contact, Math.round(Math.min(max, Math.max(min, xMm)) * 2) / 2);
  };
  const there = CONTACTS.filter((contact) => hand.placesMm[contact] !== undefined);
  const forces = held.answer.feasible ? held.answer.balance.shareN : {};
  const isOver = hold.hand === 'over';
  const dragged = DRAGGED.filter((contact) => isDragged(contact, isOver, hand.placesMm));
  return (
    <View style={{ aspectRatio: FRAME.width / FRAME.height, width: '100%' }}>
      <Svg
        width="100%"
        height="100%"
        viewBox={`0 ${FRAME.top} ${FRAME.width} ${FRAME.height}`}
        role="img"
        aria-label={label}
      >
        {drawing ? (
          <G
            transform={
              mirrored
                ? `translate(${FRAME.width} ${FRAME.top}) scale(${-1 / PER_MM} ${1 / PER_MM})`
                : `translate(0 ${FRAME.top}) scale(${1 / PER_MM})`
            }
          >
            <DrawnHand drawing={drawing} skin={skin} />
          </G>
        ) : null}
        {there.map((contact) => {
          const force = forces[contact] ?? 0;
          const pushesDown = isDown(contact, force, isOver);
          return (
            <ForceArrow
              key={contact}
              x={shown(hand.placesMm[contact]!)}
              y={pushesDown ? -STICK_MM : pushedUpAt(contact, isOver, drawing)}
              angleDeg={pushesDown ? 0 : 180}
              length={Math.abs(force) * mmPerN}
              longest={LONGEST_ARROW_MM}
              color={isAboveCap(contact, force, strength) ? tokens.out : tokens.ink}
              label={words.newton(Math.abs(force))}
              unit={1}
              labelUnit={still ? SMALL_LABEL : 1}
            />
          );
        })}
        {there.map((contact) => {
          const at = {
            x: shown(hand.placesMm[contact]!),
            y: markPlace(contact, isOver, drawing),
          };
          return (
            <G key={contact}>
              {!still && dragged.some((name) => name === contact) ? (
                <Circle
                  cx={at.x}
                  cy={at.y}
                  r={RING_MM}
                  fill={tokens.card}
                  stroke={tokens.amber}
                  strokeWidth={1.6}
                />
              ) : null}
              <PortraitMark
                {...at}
                state={contactMark(contact, forces[contact] ?? 0, strength)}
                text={markText(contact)}
              />
            </G>
          );
        })}
        {still ? null : <ScaleBar mm={barN * mmPerN} force={barN} />}
      </Svg>
      {still
        ? null
        : dragged.map((contact) => {
            const at = hand.placesMm[contact]!;
            const { min, max } = dragLimits(contact, hand, bow, upMm);
            return (
              <DragHandle
                key={contact}
                label={words.handles[contact]}
                at={{
                  x: share(at),
                  y: (markPlace(contact, isOver, drawing) - FRAME.top) / FRAME.height,
                }}
                value={at}
                valueText={words.fromFrog(at)}
                min={min}
                max={max}
                onMove={({ x }) => move(contact, mmOf(x))}
                onStep={(steps) => move(contact, at + steps * KEY_MM * (mirrored ? -1 : 1))}
              />
            );
          })}
    </View>
  );
});

/** Under-hand the index carries nothing: only thumb and little finger are levers. */
const isDragged = (contact: Dragged, isOver: boolean, places: Partial<Record<Dragged, number>>) =>
  places[contact] !== undefined && (isOver || contact !== 'index');

/** Over-hand the thumb pushes up and the fingers down, under-hand the other way; the web as its sign tells. */
const isDown = (contact: ContactName, force: number, isOver: boolean): boolean =>
  contact === 'web' ? force < 0 : (contact === 'thumb') !== isOver;

/** Where a push from below meets the bow, mm below the stick's axis: under-hand the little finger is under the frog. */
const pushedUpAt = (contact: ContactName, isOver: boolean, drawing: GripDrawing | null): number =>
  !isOver && contact === 'little' ? markMm(drawing, 'little') + STICK_MM : STICK_MM;

/** Where a contact's mark stands, mm below the stick's axis. */
function markPlace(contact: ContactName, isOver: boolean, drawing: GripDrawing | null): number {
  if (contact === 'web') return 0;
  if (contact === 'thumb') return isOver ? THUMB_MARK_MM : markMm(drawing, 'thumb');
  return isOver ? 0 : markMm(drawing, contact);
}

/** How far below the stick's axis a digit was drawn to touch, mm. */
const markMm = (drawing: GripDrawing | null, digit: keyof GripDrawing['marks']): number =>
  drawing ? drawing.marks[digit].y / PER_MM + FRAME.top : 0;

/** How long a force is drawn. */
function ScaleBar({ mm, force }: { mm: number; force: number }) {
  const tokens = useTokens();
  const bottom = FRAME.top + FRAME.height - 4;
  return (
    <G>
      <Line x1={5} x2={5} y1={bottom} y2={bottom - mm} stroke={tokens.ink} strokeWidth={1} />
      <Line x1={3} x2={7} y1={bottom} y2={bottom} stroke={tokens.ink} strokeWidth={1} />
      <Line x1={3} x2={7} y1={bottom - mm} y2={bottom - mm} stroke={tokens.ink} strokeWidth={1} />
      <SvgText
        x={9}
        y={bottom - mm / 2 + 2}
        fontSize={5.2}
        fontFamily={FONTS.text}
        fill={tokens.ink}
      >
        {words.scale(force)}
      </SvgText>
    </G>
  );
}
