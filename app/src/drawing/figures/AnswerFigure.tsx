import { useMemo } from 'react';
import { View } from 'react-native';
import type { SkinTone } from '@open-palm/contract';
import type { Hold } from '@open-palm/core/holds';
import type { MeasureId, Side } from '@open-palm/core/measure';
import { SKINS } from '../portrait/skin';
import { BendFigure } from './BendFigure';
import { CategoryFigure } from './CategoryFigures';
import { LIMBS } from './limbs';
import { PosedAnswer } from './PosedAnswer';
import { posedDetail } from './posedDetail';
import { StickFigure } from './StickFigures';

/** An answer as a small drawing of a right hand; a left hand mirrors it. */
export function AnswerFigure({
  measure,
  answer,
  side,
  skinTone,
  hold,
}: {
  measure: MeasureId;
  /** A value in the measure's unit, or a category. */
  answer: number | string;
  side: Side;
  skinTone: SkinTone;
  /** On whose hand it is shown, where a posed hand shows it. */
  hold?: Hold;
}) {
  const detail = useMemo(() => (hold ? posedDetail(measure, hold) : null), [measure, hold]);
  const skin = SKINS[skinTone];
  const limbs = typeof answer === 'number' ? LIMBS[measure]?.(answer) : undefined;
  const mirrored = side === 'left';
  if (hold && detail) {
    return <PosedAnswer {...{ detail, measure, answer, hold, side, skinTone }} />;
  }
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
