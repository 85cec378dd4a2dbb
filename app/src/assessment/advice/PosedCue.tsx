import { Circle, G, Path } from 'react-native-svg';
import type { SkinTone } from '@open-palm/contract';
import type { Hold } from '@open-palm/core/holds';
import type { Side } from '@open-palm/core/measure';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { WantedGrip } from '../../drawing/portrait/WantedGrip';
import type { Scene } from './cueFigures';

/** Scenes that are the hold's own hand with one thing drawn over it. */
const POSED = ['turnedOver', 'higherUp', 'handForward', 'hollowPalm', 'pencil'] as const;
type PosedScene = (typeof POSED)[number];

export const isPosed = (scene: Scene, hold: Hold): scene is PosedScene =>
  hold.hand === 'over' && POSED.some((one) => one === scene);

/** How far up the stick a lighter place is, mm. */
const HIGHER_MM = 60;

/** A cue as the hold's own hand. */
export function PosedCue({
  scene,
  ...of
}: {
  scene: PosedScene;
  hold: Hold;
  side: Side;
  skinTone: SkinTone;
}) {
  const tokens = useTokens();
  const drawn = { ...of, detail: 'choice' } as const;
  const arrow = (
    <G
      stroke={tokens.amber}
      strokeWidth={44}
      fill="none"
      strokeLinecap="round"
      strokeLinejoin="round"
      // A left hand's drawing is mirrored, what is laid over it is not.
      transform={of.side === 'left' ? 'translate(1500 0) scale(-1 1)' : undefined}
    >
      <Path d="M480 1030H1010" />
      <Path d="M910 930L1020 1030L910 1130" />
    </G>
  );
  switch (scene) {
    case 'turnedOver':
      return <WantedGrip {...drawn} view="thumbSide" isTurnedOver />;
    case 'higherUp':
      return (
        <WantedGrip {...drawn} view="fingerSide" upMm={HIGHER_MM}>
          {arrow}
        </WantedGrip>
      );
    case 'handForward':
      return (
        <WantedGrip {...drawn} view="fingerSide">
          {arrow}
        </WantedGrip>
      );
    case 'hollowPalm':
      return (
        <WantedGrip {...drawn} view="downStick">
          <Circle
            cx={of.side === 'left' ? 770 : 730}
            cy={580}
            r={170}
            fill="none"
            stroke={tokens.amber}
            strokeWidth={24}
            strokeDasharray="60 44"
          />
        </WantedGrip>
      );
    case 'pencil':
      return <WantedGrip {...drawn} view="fingerSide" held="pencil" />;
  }
}
