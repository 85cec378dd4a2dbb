import type { SkinTone, Student } from '@open-palm/contract';
import type { CardData, CardFigure } from '@open-palm/card/data';
import type { Hold } from '@open-palm/core/holds';
import type { DrawnHold } from '@open-palm/core/pose/drawnHold';
import type { HandBuild } from '@open-palm/core/pose/handBuild';
import { wantedOrder } from '@open-palm/core/portrait/portraitOrder';
import { SKINS } from '@open-palm/core/portrait/skins';
import type { PortraitView } from '@open-palm/core/portrait/views';
import { drillScene } from '@open-palm/core/portrait/drills';
import { figureSvg } from '@open-palm/card/page';
import { askBare, askPortrait } from '../../../foundation/workers/askPortrait';

/** From where the wanted hold is shown: as its player sees it, and from the thumb's side. */
const WANTED: readonly PortraitView[] = ['playerEye', 'thumbSide'];

/** On whose hand the card is drawn. */
export interface CardHand {
  hold: Hold;
  drawn: { hold: DrawnHold; build: HandBuild };
  side: Student['side'];
  skinTone: SkinTone;
}

/**
 * The drawings of a card: every drill once, and the hold that is wanted.
 *
 * @throws WorkerGone
 */
export async function drawCard(
  drills: Iterable<string>,
  { hold, drawn, side, skinTone }: CardHand,
): Promise<Pick<CardData, 'figures' | 'wanted'>> {
  const paint = { skin: SKINS[skinTone], mirrored: side === 'left' };
  const figures: Record<string, CardFigure> = {};
  for (const view of WANTED) {
    const drawing = await askPortrait(wantedOrder(drawn, view));
    figures[`wanted-${view}`] = figureSvg(`wanted-${view}`, drawing, paint);
  }
  for (const drill of new Set(drills)) {
    const scene = drillScene(drill, hold, drawn);
    if (!scene) continue;
    const drawing =
      scene.order.kind === 'grip'
        ? await askPortrait(scene.order.order)
        : await askBare(scene.order.order);
    figures[drill] = figureSvg(drill, drawing, { ...paint, ...scene });
  }
  return { figures, wanted: WANTED.map((view) => `wanted-${view}`) };
}
