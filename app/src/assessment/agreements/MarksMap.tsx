import { useMemo } from 'react';
import { View } from 'react-native';
import { Circle } from 'react-native-svg';
import type { Student } from '@open-palm/contract';
import { FINGERS } from '@open-palm/core/hand';
import type { Hold } from '@open-palm/core/holds';
import { buildOfHand } from '@open-palm/core/pose/handBuild';
import { openPalm } from '@open-palm/core/portrait/bareDetail';
import { alongFinger } from '../../drawing/figures/openFinger';
import { HandPicture } from '../../drawing/portrait/HandPicture';
import { SKINS } from '@open-palm/core/portrait/skins';
import { useBareDrawing } from '../../drawing/portrait/useBareDrawing';
import { Text } from '../../foundation/kit/Text';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { space } from '../../foundation/kit/tokens';
import { strings } from '../../foundation/strings';
import { listWords } from '../../foundation/strings/listWords';
import { depthWords } from '../../foundation/strings/measureWords';

const words = strings.agreements;

/** Half the width of a drawn dot, mm of a grown hand. */
const DOT_MM = 3.6;
/** How far from its tip the thumb has its dot, as a share of its last bone. [memory] */
const THUMB_SHARE = 0.25;

/** On whose hand the dots go: the hold as it is meant for this student, and how large the hand is. */
export interface MarkedHand {
  hold: Hold;
  middleFingerMm: number;
}

/** The student's open hand with a dot wherever the stick is to lie. */
export function MarksMap({
  hold,
  middleFingerMm,
  side,
  skinTone,
}: MarkedHand & Pick<Student, 'side' | 'skinTone'>) {
  const tokens = useTokens();
  const order = useMemo(() => openPalm(buildOfHand(middleFingerMm)), [middleFingerMm]);
  const drawing = useBareDrawing(order);
  const { startingDepthsU } = hold;
  const label = words.marksMap(
    listWords(
      FINGERS.map((finger) =>
        words.markAt(
          strings.testing.parts[finger].toLowerCase(),
          depthWords(startingDepthsU[finger]),
        ),
      ),
    ),
  );
  const { widthMm, heightMm } = order.station;
  if (!drawing) {
    return <View role="img" aria-label={label} style={{ aspectRatio: widthMm / heightMm }} />;
  }
  const { thumbTip, thumbIp } = drawing.points;
  const dots = [
    ...FINGERS.map((finger) => alongFinger(drawing, finger).at(startingDepthsU[finger])),
    {
      x: thumbTip.x + THUMB_SHARE * (thumbIp.x - thumbTip.x),
      y: thumbTip.y + THUMB_SHARE * (thumbIp.y - thumbTip.y),
    },
  ];
  const mirrored = side === 'left';
  return (
    <View style={{ gap: space(2) }}>
      <View style={{ width: '72%', alignSelf: 'center' }}>
        <HandPicture
          drawing={drawing}
          skin={SKINS[skinTone]}
          mirrored={mirrored}
          label={words.marksTitle}
        >
          {dots.map(({ x, y }, i) => (
            <Circle
              key={i}
              cx={mirrored ? drawing.width - x : x}
              cy={y}
              r={10 * DOT_MM * order.build.size}
              fill={tokens.amber}
              stroke={tokens.ink}
              strokeWidth={6}
            />
          ))}
        </HandPicture>
      </View>
      <Text variant="small" second>
        {label}
      </Text>
    </View>
  );
}
