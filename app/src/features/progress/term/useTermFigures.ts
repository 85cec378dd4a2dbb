import { useEffect, useState } from 'react';
import type { PaperTerm, SkinTone, Student } from '@open-palm/contract';
import { BOW_SIZES, type BowSize } from '@open-palm/core/bow';
import type { Hold } from '@open-palm/core/holds';
import { drawnHold } from '@open-palm/core/pose/drawnHold';
import { buildOfHand } from '@open-palm/core/pose/handBuild';
import type { MeasuredGrip } from '@open-palm/core/pose/measuredGrip';
import { measuredOrder } from '@open-palm/core/portrait/portraitOrder';
import { SKINS } from '@open-palm/core/portrait/skins';
import { figureSvg } from '@open-palm/card/page';
import { askPortrait } from '../../../foundation/workers/askPortrait';
import type { TermFigures } from './termHtml';

/** On whose hand a page is drawn. */
export interface TermHand {
  hold: Hold;
  bowSize: BowSize;
  middleFingerMm: number;
  side: Student['side'];
  skinTone: SkinTone;
}

/** The two hands of a page: null while they are drawn and where there are none. */
export function useTermFigures(
  { view, hands }: Pick<PaperTerm, 'view' | 'hands'>,
  hand: TermHand,
): { figures: TermFigures | null; state: 'none' | 'drawing' | 'drawn' | 'failed' } {
  const wanted = view === null || hands === null ? null : JSON.stringify({ view, hands, hand });
  const [done, setDone] = useState<{ of: string; figures: TermFigures | null } | null>(null);
  useEffect(() => {
    if (wanted === null) return;
    let isWanted = true;
    draw(JSON.parse(wanted) as Order).then(
      (figures) => isWanted && setDone({ of: wanted, figures }),
      () => isWanted && setDone({ of: wanted, figures: null }),
    );
    return () => {
      isWanted = false;
    };
  }, [wanted]);
  if (wanted === null) return { figures: null, state: 'none' };
  if (done?.of !== wanted) return { figures: done?.figures ?? null, state: 'drawing' };
  return { figures: done.figures, state: done.figures ? 'drawn' : 'failed' };
}

interface Order {
  view: NonNullable<PaperTerm['view']>;
  hands: NonNullable<PaperTerm['hands']>;
  hand: TermHand;
}

async function draw({ view, hands, hand }: Order): Promise<TermFigures> {
  const drawn = {
    hold: drawnHold(hand.hold, BOW_SIZES[hand.bowSize]),
    build: buildOfHand(hand.middleFingerMm),
  };
  const figure = async (end: 'then' | 'now') => {
    const drawing = await askPortrait(measuredOrder(drawn, view, hands[end] as MeasuredGrip));
    return figureSvg(`term-${end}`, drawing, {
      skin: SKINS[hand.skinTone],
      mirrored: hand.side === 'left',
    });
  };
  return { then: await figure('then'), now: await figure('now') };
}
