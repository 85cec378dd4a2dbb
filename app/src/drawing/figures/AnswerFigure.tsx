import { View } from 'react-native';
import type { SkinTone } from '@open-palm/contract';
import type { MeasureId, Side } from '@open-palm/core/measure';
import { SKINS } from '../portrait/skin';
import { BendFigure } from './BendFigure';
import { CategoryFigure } from './CategoryFigures';
import { LIMBS } from './limbs';
import { StickFigure } from './StickFigures';

/** An answer as a small drawing of a right hand; a left hand mirrors it. */
export function AnswerFigure({
  measure,
  answer,
  side,
  skinTone,
}: {
  measure: MeasureId;
  /** A value in the measure's unit, or a category. */
  answer: number | string;
  side: Side;
  skinTone: SkinTone;
}) {
  const skin = SKINS[skinTone];
  const limbs = typeof answer === 'number' ? LIMBS[measure]?.(answer) : undefined;
  const mirrored = side === 'left';
  return (
    <View style={{ width: '100%', ...(mirrored ? { transform: [{ scaleX: -1 }] } : {}) }}>
      {typeof answer === 'string' ? (
        <CategoryFigure id={measure} at={answer} skin={skin} mirrored={mirrored} />
      ) : limbs ? (
        <BendFigure limbs={limbs} skin={skin} />
      ) : (
        <StickFigure id={measure} value={answer} skin={skin} />
      )}
    </View>
  );
}
