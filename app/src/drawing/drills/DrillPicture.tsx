import { useMemo } from 'react';
import { View } from 'react-native';
import { G, Path } from 'react-native-svg';
import type { Hold } from '@open-palm/core/holds';
import { drawnHold } from '@open-palm/core/pose/drawnHold';
import { BUILDS } from '@open-palm/core/pose/handBuild';
import type { BareOrder, GripOrder } from '@open-palm/core/portrait';
import { SKINS } from '@open-palm/core/portrait/skins';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import type { DrawnHandData } from '../portrait/DrawnHand';
import { HandPicture } from '../portrait/HandPicture';
import { useBareDrawing } from '../portrait/useBareDrawing';
import { useGripDrawing } from '../portrait/useGripDrawing';
import type { WantedHand } from '../portrait/WantedGrip';
import { drillScene, type DrillScene, type SceneMark } from '@open-palm/core/portrait/drills';

/** A drill, drawn on the hold's own hand; beside words that say what it is. */
export function DrillPicture({
  drill,
  hold,
  ...hand
}: Pick<WantedHand, 'side' | 'skinTone'> & { drill: string; hold: Hold }) {
  const scene = useMemo(
    () => drillScene(drill, hold, { hold: drawnHold(hold), build: BUILDS.grown }),
    [drill, hold],
  );
  if (!scene) return null;
  const { order } = scene.order;
  return scene.order.kind === 'grip' ? (
    <GripScene order={order as GripOrder} scene={scene} {...hand} />
  ) : (
    <BareScene order={order as BareOrder} scene={scene} {...hand} />
  );
}

type SceneHand = Pick<WantedHand, 'side' | 'skinTone'> & { scene: DrillScene };

const GripScene = ({ order, ...hand }: SceneHand & { order: GripOrder }) => (
  <Scene drawing={useGripDrawing(order)} {...hand} />
);

const BareScene = ({ order, ...hand }: SceneHand & { order: BareOrder }) => (
  <Scene drawing={useBareDrawing(order)} {...hand} />
);

function Scene({
  drawing,
  scene: { marks, isTurnedOver },
  side,
  skinTone,
}: SceneHand & { drawing: DrawnHandData | null }) {
  const mirrored = side === 'left';
  if (!drawing) return <View testID="drawing-waits" style={{ aspectRatio: 1.27 }} />;
  const drawn = (where: SceneMark['where']) => {
    const here = marks.filter((mark) => mark.where === where);
    return here.length === 0 ? undefined : <Marks marks={here} />;
  };
  const over = drawn('over');
  return (
    <View aria-hidden>
      <HandPicture
        drawing={drawing}
        skin={SKINS[skinTone]}
        mirrored={mirrored}
        isTurnedOver={isTurnedOver}
        behind={drawn('behind')}
      >
        {over ? (
          <G {...(mirrored ? { transform: `translate(${drawing.width} 0) scale(-1 1)` } : {})}>
            {over}
          </G>
        ) : null}
      </HandPicture>
    </View>
  );
}

function Marks({ marks }: { marks: readonly SceneMark[] }) {
  const tokens = useTokens();
  const tones = { amber: tokens.amber, string: tokens.winding, paper: tokens.card };
  return marks.map(({ d, tone, width }) =>
    width === 0 ? (
      <Path
        key={`${tone} ${d}`}
        d={d}
        fill={tones[tone]}
        stroke={tokens.inkSecond}
        strokeWidth={6}
      />
    ) : (
      <Path
        key={`${tone} ${d}`}
        d={d}
        fill="none"
        stroke={tones[tone]}
        strokeWidth={width}
        strokeLinecap="round"
        strokeLinejoin="round"
      />
    ),
  );
}
