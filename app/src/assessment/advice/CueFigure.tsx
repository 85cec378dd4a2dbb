import { View } from 'react-native';
import type { Student } from '@open-palm/contract';
import type { Hold } from '@open-palm/core/holds';
import { AnswerFigure } from '../../drawing/figures/AnswerFigure';
import { SKINS } from '../../drawing/portrait/skin';
import { CUE_FIGURES } from './cueFigures';
import { CueScene } from './CueScene';
import { isPosed, PosedCue } from './PosedCue';

const WIDTH = 92;

/** A cue as a small drawing; the teacher's own words have none. */
export function CueFigure({
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
  return (
    <View style={{ width: WIDTH }}>
      {'scene' in spec && isPosed(spec.scene, hold) ? (
        <PosedCue scene={spec.scene} hold={hold} side={side} skinTone={skinTone} />
      ) : 'scene' in spec ? (
        <View style={side === 'left' ? { transform: [{ scaleX: -1 }] } : {}}>
          <CueScene scene={spec.scene} skin={SKINS[skinTone]} />
        </View>
      ) : (
        <AnswerFigure
          measure={spec.measure}
          answer={spec.looks}
          hold={hold}
          side={side}
          skinTone={skinTone}
        />
      )}
    </View>
  );
}
