import { useMemo } from 'react';
import { View } from 'react-native';
import type { SkinTone } from '@open-palm/contract';
import type { Hold } from '@open-palm/core/holds';
import type { MeasureId, Side } from '@open-palm/core/measure';
import { SKINS } from '@open-palm/core/portrait/skins';
import { ArmFigure } from './ArmFigure';
import { BareAnswer } from './BareAnswer';
import { bareDetail } from '@open-palm/core/portrait/bareDetail';
import { BowAnswer } from './BowAnswer';
import { PosedAnswer } from './PosedAnswer';
import { posedDetail } from './posedDetail';

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
  const posed = useMemo(() => (hold ? posedDetail(measure, hold) : null), [measure, hold]);
  const bare = useMemo(() => bareDetail(measure, answer), [measure, answer]);
  if (hold && posed) {
    return <PosedAnswer {...{ detail: posed, measure, answer, hold, side, skinTone }} />;
  }
  if (bare) return <BareAnswer {...{ detail: bare, side, skinTone }} />;
  return (
    <View style={{ width: '100%', ...(side === 'left' ? { transform: [{ scaleX: -1 }] } : {}) }}>
      {measure === 'elbowLevel' || measure === 'elbowBend' ? (
        <ArmFigure at={answer} skin={SKINS[skinTone]} />
      ) : (
        <BowAnswer id={measure} at={answer} />
      )}
    </View>
  );
}
