import { View } from 'react-native';
import type { Student } from '@open-palm/contract';
import type { Hold } from '@open-palm/core/holds';
import { AnswerFigure } from '../../drawing/figures/AnswerFigure';
import { SKINS } from '@open-palm/core/portrait/skins';
import type { WantedHand } from '../../drawing/portrait/WantedGrip';
import { BareCue, isBare } from './BareCue';
import { CUE_FIGURES, type Scene } from './cueFigures';
import { CueScene } from './CueScene';
import { isPosed, PosedCue } from './PosedCue';

/** A shipped cue as a small drawing. */
export function DrawnCue({
  cue,
  hold,
  student: { side, skinTone },
}: {
  cue: string;
  hold: Hold;
  student: Pick<Student, 'side' | 'skinTone'>;
}) {
  const spec = CUE_FIGURES[cue];
  if (!spec) return null;
  const hand = { hold, side, skinTone };
  return 'scene' in spec ? (
    <SceneFigure scene={spec.scene} hand={hand} />
  ) : (
    <AnswerFigure measure={spec.measure} answer={spec.looks} {...hand} />
  );
}

function SceneFigure({ scene, hand }: { scene: Scene; hand: WantedHand }) {
  const { side, skinTone } = hand;
  if (isPosed(scene)) return <PosedCue {...hand} scene={scene} />;
  if (isBare(scene)) return <BareCue scene={scene} side={side} skinTone={skinTone} />;
  if (scene === 'nail') return <AnswerFigure measure="thumbContact" answer="nail" {...hand} />;
  return (
    <View style={side === 'left' ? { transform: [{ scaleX: -1 }] } : {}}>
      <CueScene scene={scene} skin={SKINS[skinTone]} />
    </View>
  );
}
