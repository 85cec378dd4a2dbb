import type { ReactNode } from 'react';
import Svg, { G } from 'react-native-svg';
import { DrawnHand, type DrawnHandData } from './DrawnHand';
import type { Skin } from '@open-palm/core/portrait/skins';

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
  onBow,
  held,
  behind,
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
  /** Drawn on the bow, and not where the hand lies before it. */
  onBow?: ReactNode;
  /** In the place of the drawn bow. */
  held?: ReactNode;
  /** Drawn before everything, so that all of it lies over. */
  behind?: ReactNode;
  children?: ReactNode;
}) {
  const { width, height } = drawing;
  const turns = [
    ...(mirrored ? [`translate(${width} 0) scale(-1 1)`] : []),
    ...(isTurnedOver ? [`rotate(180 ${width / 2} ${height / 2})`] : []),
  ];
  const shown = frame ?? { left: 0, top: 0, width, height };
  const left = mirrored ? width - shown.left - shown.width : shown.left;
  return (
    <Svg
      width="100%"
      viewBox={`${left} ${shown.top} ${shown.width} ${shown.height}`}
      style={{ aspectRatio: shown.width / shown.height }}
      {...(label === undefined ? {} : { role: 'img', 'aria-label': label })}
    >
      <G {...(turns.length > 0 ? { transform: turns.join(' ') } : {})}>
        {behind}
        <DrawnHand
          drawing={drawing}
          skin={skin}
          bold={bold}
          isUnseen={isUnseen}
          onBow={onBow}
          held={held}
        />
      </G>
      {children}
    </Svg>
  );
}
