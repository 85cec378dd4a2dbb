import { memo, useMemo } from 'react';
import { View } from 'react-native';
import type { SkinTone } from '@open-palm/contract';
import type { Hold } from '@open-palm/core/holds';
import type { FittedOrder, Portrait } from '@open-palm/core/portrait';
import { askFitted } from '../../foundation/workers/askPortrait';
import { HandPicture } from '../portrait/HandPicture';
import { SKINS } from '@open-palm/core/portrait/skins';
import { useNewest } from '../portrait/useNewest';
import type { Point3 } from './held';
import { looker, type Orbit } from './orbit';

/** Size of the drawing at the hand, mm, and what of a right hand stands in its middle. */
const SEEN = { widthMm: 200, heightMm: 136 };
const MIDDLE: Point3 = [8, 14, -40];

const draw = (order: string): Promise<Portrait> => askFitted(JSON.parse(order));

/** A fitted hand on its bow, drawn from where it is looked at. */
export const FittedStill = memo(function FittedStill({
  pointsMm,
  side,
  bow,
  skinTone,
  orbit,
  label,
}: {
  pointsMm: readonly Point3[];
  side: 'right' | 'left';
  bow: Hold['bow'];
  skinTone: SkinTone;
  orbit: Orbit;
  label: string;
}) {
  const mirrored = side === 'left';
  const wanted = useMemo(() => {
    // A left hand is drawn as the right one that it is told as, and mirrored.
    const [, , eye] = looker({ ...orbit, yawDeg: mirrored ? -orbit.yawDeg : orbit.yawDeg });
    const order: FittedOrder = {
      pointsMm,
      bow,
      station: {
        toward: eye as unknown as Point3,
        at: MIDDLE,
        widthMm: SEEN.widthMm / orbit.zoom,
        heightMm: SEEN.heightMm / orbit.zoom,
      },
      detail: 'choice',
    };
    return JSON.stringify(order);
  }, [pointsMm, bow, orbit, mirrored]);
  const drawing = useNewest('fitted', wanted, draw);
  if (!drawing) {
    return (
      <View
        role="img"
        aria-label={label}
        style={{ aspectRatio: SEEN.widthMm / SEEN.heightMm, width: '100%' }}
      />
    );
  }
  return <HandPicture drawing={drawing} skin={SKINS[skinTone]} mirrored={mirrored} label={label} />;
});
