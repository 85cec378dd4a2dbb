import type { ReactNode } from 'react';
import Svg, { G } from 'react-native-svg';
import { DrawnHand, type DrawnHandData } from './DrawnHand';
import type { Skin } from './skin';

/** A drawn grip: the hand, what it holds, and what else is laid over it in the drawing's own units. */
export function HandPicture({
  drawing,
  skin,
  mirrored,
  label,
  bold = false,
  isUnseen = false,
  isTurnedOver = false,
  frame,
  children,
}: {
  drawing: DrawnHandData;
  skin: Skin;
  /** For a left hand. */
  mirrored: boolean;
  /** What it shows, for those who cannot see it; without it the drawing is beside words that say so. */
  label?: string;
  bold?: boolean;
  /** Nothing of it was seen: it is drawn in dashes only. */
  isUnseen?: boolean;
  /** Hair to the ceiling: the grip as it is, upside down. */
  isTurnedOver?: boolean;
  /** What of the drawing is shown, in its units; all of it unless told. */
  frame?: { left: number; top: number; width: number; height: number };
  children?: ReactNode;
}) {
  const { width, height } = drawing;
  const over = isTurnedOver ? `rotate(180 ${width / 2} ${height / 2})` : '';
  const shown = frame ?? { left: 0, top: 0, width, height };
  const left = mirrored ? width - shown.left - shown.width : shown.left;
  return (
    <Svg
      width="100%"
      viewBox={`${left} ${shown.top} ${shown.width} ${shown.height}`}
      style={{ aspectRatio: shown.width / shown.height }}
      {...(label === undefined ? {} : { role: 'img', 'aria-label': label })}
    >
      <G transform={`${mirrored ? `translate(${width} 0) scale(-1 1)` : ''} ${over}`}>
        <DrawnHand drawing={drawing} skin={skin} bold={bold} isUnseen={isUnseen} />
      </G>
      {children}
    </Svg>
  );
}
