import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { Line } from 'react-native-svg';
import { NOTHING_MEASURED } from '@open-palm/core/pose/measuredGrip';
import { seenAt, stickAt } from '@open-palm/core/portrait/seenAt';
import { SKINS } from '@open-palm/core/portrait/skins';
import type { Station } from '@open-palm/core/portrait';
import { PointerArea } from '../../../foundation/kit/PointerArea';
import type { AreaPoint } from '../../../foundation/kit/pointers';
import { useTokens } from '../../../foundation/kit/ThemeProvider';
import { HandPicture } from '../../../drawing/portrait/HandPicture';
import { useCoarseWhileMoving, useGripDrawing } from '../../../drawing/portrait/useGripDrawing';
import type { WantedHand } from '../../../drawing/portrait/WantedGrip';
import { wantedOrder } from '../../../drawing/portrait/wantedOrder';
import { strings } from '../../../foundation/strings';
import { plainNumber } from '../../../foundation/strings/measureWords';

const STEP_MM = 1;
/** How far up and down the stick a thumb can be put, mm. */
const ENDS = { least: -60, most: 60 };
const SIZE = { widthMm: 140, heightMm: 104 };

/** From where the thumb on the stick is seen: under the hand, or on top of the frog. */
const STATIONS: Record<WantedHand['hold']['hand'], Station> = {
  over: { toward: [-0.2, -0.72, -0.66], at: [0, -2, -20], level: true, ...SIZE },
  under: { toward: [0.2, 0.75, -0.6], at: [-12, 4, -4], level: true, ...SIZE },
};

/** The hand on its bow from the thumb's side: the place of the thumb is touched. Gives mm from the frog's front, toward the tip. */
export function OnStickFigure({
  label,
  hold,
  side,
  skinTone,
  value,
  onTake,
}: WantedHand & {
  label: string;
  value: number | null;
  onTake: (xMm: number) => void;
}) {
  const tokens = useTokens();
  const [xMm, setX] = useState(value ?? 0);
  const [isShown, setIsShown] = useState(value !== null);
  const station = STATIONS[hold.hand];
  const order = useMemo(
    () =>
      wantedOrder(hold, {
        grip: isShown ? { ...NOTHING_MEASURED, measures: { thumbPlace: xMm } } : NOTHING_MEASURED,
        view: station,
        detail: 'choice',
        unseen: isShown ? [] : ['thumb'],
      }),
    [hold, station, xMm, isShown],
  );
  const drawing = useGripDrawing(useCoarseWhileMoving(order));
  const within = (x: number) => Math.min(ENDS.most, Math.max(ENDS.least, Math.round(x)));
  const choose = (x: number) => {
    setIsShown(true);
    setX(within(x));
  };
  const mirrored = side === 'left';
  const stickOf = ({ x }: AreaPoint) => stickAt(station, mirrored ? 1 - x : x);
  const across = (x: number) => (mirrored ? 10 * SIZE.widthMm - x : x);
  const at = seenAt(station, [xMm, 0, 0]);
  if (!drawing) return <View style={{ aspectRatio: SIZE.widthMm / SIZE.heightMm }} />;
  return (
    <PointerArea
      label={label}
      value={isShown ? xMm : null}
      valueText={isShown ? strings.stations.onStick(plainNumber(xMm, 'mm')) : ''}
      min={ENDS.least}
      max={ENDS.most}
      onMove={(place) => choose(stickOf(place))}
      onTake={(place) => onTake(place ? within(stickOf(place)) : xMm)}
      onStep={(steps) => choose(xMm + steps * STEP_MM)}
    >
      <View aria-hidden>
        <HandPicture drawing={drawing} skin={SKINS[skinTone]} mirrored={mirrored}>
          {isShown ? (
            <Line
              x1={across(at.x)}
              x2={across(at.x)}
              y1={at.y + 130}
              y2={at.y + 330}
              stroke={tokens.amber}
              strokeWidth={26}
              strokeLinecap="round"
            />
          ) : null}
        </HandPicture>
      </View>
    </PointerArea>
  );
}
