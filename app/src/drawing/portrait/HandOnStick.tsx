import { G } from 'react-native-svg';
import type { ReactNode } from 'react';
import type { BowKind } from '@open-palm/core/holds';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { BowFigure } from './BowFigure';
import type { GripFigure } from './gripFigure';
import { BackOfHand, FingerShape } from './HandShapes';
import type { Skin } from './skin';

/** A hand on its bow in the portrait's millimetres, each part before or behind the others as it is. */
export function HandOnStick({
  figure,
  skin,
  bow,
  isOver,
  seen,
  bold = false,
  tipMm,
  children,
}: {
  figure: GripFigure;
  skin: Skin;
  bow: BowKind;
  isOver: boolean;
  /** Whether any finger was seen: else the hand is only outlined. */
  seen: boolean;
  /** With heavy lines, for a small picture. */
  bold?: boolean;
  /** Where the stick ends, for the whole bow. */
  tipMm?: number;
  /** What lies between the bow and the fingers. */
  children?: ReactNode;
}) {
  const tokens = useTokens();
  const stick = (
    <BowFigure tokens={tokens} kind={bow} {...(tipMm === undefined ? {} : { tipMm })} />
  );
  // Behind the stick, or on top of it.
  const thumb = (
    <FingerShape drawn={figure.thumb} skin={{ ...skin, fill: skin.behind }} bold={bold} />
  );
  const back = <BackOfHand points={figure.back} skin={skin} seen={seen} bold={bold} />;
  return (
    <G>
      {isOver ? (
        <>
          {thumb}
          {back}
          {stick}
        </>
      ) : (
        <>
          {stick}
          {thumb}
          {back}
        </>
      )}
      {children}
      {(['little', 'ring', 'middle', 'index'] as const).map((finger) => (
        <FingerShape key={finger} drawn={figure.fingers[finger]} skin={skin} bold={bold} nail />
      ))}
    </G>
  );
}
