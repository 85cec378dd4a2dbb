import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { Circle, G, Text as SvgText } from 'react-native-svg';
import { FINGERS } from '@open-palm/core/hand';
import type { Hold } from '@open-palm/core/holds';
import type { MeasuredGrip } from '@open-palm/core/pose/measuredGrip';
import { seenAt, stickAt } from '@open-palm/core/portrait/seenAt';
import { stationOf } from '@open-palm/core/portrait/views';
import type { Placement } from '@open-palm/core/practice';
import { Choice, Choices } from '../../../../foundation/kit/Choice';
import { PointerArea } from '../../../../foundation/kit/PointerArea';
import { useTokens } from '../../../../foundation/kit/ThemeProvider';
import { FONTS } from '../../../../foundation/kit/tokens';
import { HandPicture } from '../../../../drawing/portrait/HandPicture';
import { useCoarseWhileMoving, useGripDrawing } from '../../../../drawing/portrait/useGripDrawing';
import type { WantedHand } from '../../../../drawing/portrait/WantedGrip';
import { wantedOrder } from '../../../../drawing/portrait/wantedOrder';
import { SKINS } from '@open-palm/core/portrait/skins';
import { strings } from '../../../../foundation/strings';
import { plainNumber } from '../../../../foundation/strings/measureWords';

/** How far up and down the stick a mark can be put, mm. */
const [LEFT_MM, WIDTH_MM] = [-64, 132];
const PARTS = ['thumb', ...FINGERS] as const;

const shortName = (i: number) => (i === 0 ? strings.portrait.thumb : String(i));

/** The hand with thumb and fingers at these places, as deep as the hold wants them. */
const gripAt = (xMm: Placement['xMm'], { startingDepthsU }: Hold): MeasuredGrip => ({
  contacts: {
    thumbXMm: xMm.thumb,
    fingers: Object.fromEntries(
      FINGERS.map((finger) => [
        finger,
        { xMm: xMm[finger], u: startingDepthsU[finger], dMm: 0, touching: true },
      ]),
    ) as MeasuredGrip['contacts']['fingers'],
  },
  measures: {},
});

/** Thumb and fingers on the drawn stick: one is chosen and dragged to its place, then comes the next. */
export function PlacementMarks({
  xMm,
  hold,
  side,
  skinTone,
  onMove,
}: WantedHand & {
  xMm: Placement['xMm'];
  onMove: (xMm: Placement['xMm']) => void;
}) {
  const tokens = useTokens();
  const [at, setAt] = useState(0);
  const part = PARTS[at]!;
  const mirrored = side === 'left';
  const station = stationOf('fingerSide', hold.hand);
  const order = useMemo(
    () => wantedOrder(hold, { grip: gripAt(xMm, hold), view: 'fingerSide', detail: 'choice' }),
    [hold, xMm],
  );
  const drawing = useGripDrawing(useCoarseWhileMoving(order));
  const move = (x: number) =>
    onMove({
      ...xMm,
      [part]: Math.round(Math.min(LEFT_MM + WIDTH_MM, Math.max(LEFT_MM, x))),
    });
  const name = strings.testing.mark(strings.testing.parts[part]);
  return (
    <>
      <PointerArea
        label={name}
        value={xMm[part]}
        valueText={strings.stations.onStick(plainNumber(xMm[part], 'mm'))}
        min={LEFT_MM}
        max={LEFT_MM + WIDTH_MM}
        onMove={({ x }) => move(stickAt(station, mirrored ? 1 - x : x))}
        onTake={() => setAt((at + 1) % PARTS.length)}
        onStep={(steps) => move(xMm[part] + steps)}
      >
        {drawing ? (
          <View aria-hidden>
            <HandPicture drawing={drawing} skin={SKINS[skinTone]} mirrored={mirrored}>
              {PARTS.map((other, i) => {
                const { x, y } = seenAt(station, [xMm[other], i === 0 ? -34 : 34, 0]);
                const cx = mirrored ? drawing.width - x : x;
                return (
                  <G key={other}>
                    <Circle
                      cx={cx}
                      cy={y}
                      r={60}
                      fill={i === at ? tokens.amber : tokens.card}
                      stroke={tokens.ink}
                      strokeWidth={10}
                    />
                    <SvgText
                      x={cx}
                      y={y + 30}
                      fontSize={80}
                      fontFamily={FONTS.strong}
                      textAnchor="middle"
                      fill={i === at ? tokens.onState : tokens.ink}
                    >
                      {shortName(i)}
                    </SvgText>
                  </G>
                );
              })}
            </HandPicture>
          </View>
        ) : (
          <View style={{ aspectRatio: station.widthMm / station.heightMm }} />
        )}
      </PointerArea>
      <Choices question={strings.testing.place}>
        {PARTS.map((other, i) => (
          <Choice
            key={other}
            label={shortName(i)}
            accessibilityLabel={strings.testing.parts[other]}
            chosen={i === at}
            onPress={() => setAt(i)}
          />
        ))}
      </Choices>
    </>
  );
}
