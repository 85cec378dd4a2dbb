import { View } from 'react-native';
import { Circle, Path } from 'react-native-svg';
import type { BareOrder } from '@open-palm/core/portrait';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { bareDetail, CUPPED, HANGING } from '@open-palm/core/portrait/bareDetail';
import { HandPicture } from '../../drawing/portrait/HandPicture';
import { SKINS } from '@open-palm/core/portrait/skins';
import { useBareDrawing } from '../../drawing/portrait/useBareDrawing';
import type { WantedHand } from '../../drawing/portrait/WantedGrip';
import type { Scene } from './cueFigures';

/** How far a wrist that paints goes to and fro, degrees. */
const PAINTS_DEG = 50;

/** Scenes of a hand that holds no bow. */
const BARE = {
  armFloats: bareDetail('wristFlexion', 0)!.order,
  armHangs: { ...HANGING, detail: 'choice' },
  ball: CUPPED,
  brush: bareDetail('wristRange', PAINTS_DEG)!.order,
} as const satisfies Partial<Record<Scene, BareOrder>>;
type BareScene = keyof typeof BARE;

export const isBare = (scene: Scene): scene is BareScene => scene in BARE;

/** A cue as a hand that holds no bow. */
export function BareCue({
  scene,
  side,
  skinTone,
}: Pick<WantedHand, 'side' | 'skinTone'> & { scene: BareScene }) {
  const tokens = useTokens();
  const drawing = useBareDrawing(BARE[scene]);
  const { widthMm, heightMm } = BARE[scene].station;
  if (!drawing) return <View style={{ width: '100%', aspectRatio: widthMm / heightMm }} />;
  const { width, height } = drawing;
  const [x, y] = [(share: number) => share * width, (share: number) => share * height];
  const amber = { stroke: tokens.amber, strokeWidth: x(0.024), fill: 'none' } as const;
  return (
    <View aria-hidden>
      <HandPicture
        drawing={drawing}
        skin={SKINS[skinTone]}
        mirrored={side === 'left'}
        behind={
          scene === 'ball' ? (
            <Circle cx={x(0.55)} cy={y(0.66)} r={x(0.17)} fill={tokens.amber} />
          ) : null
        }
      >
        {scene === 'armFloats' ? (
          <Path
            d={`M${x(0.03)} ${y(0.8)}q${x(0.08)} ${y(-0.07)} ${x(0.16)} 0${`t${x(0.16)} 0`.repeat(5)}`}
            {...amber}
          />
        ) : null}
        {scene === 'armHangs' ? (
          <Path
            d={`M${x(0.12)} ${y(0.46)}q${x(-0.06)} ${y(0.13)} 0 ${y(0.26)}M${x(0.88)} ${y(0.46)}q${x(0.06)} ${y(0.13)} 0 ${y(0.26)}`}
            {...amber}
            strokeLinecap="round"
          />
        ) : null}
      </HandPicture>
    </View>
  );
}
