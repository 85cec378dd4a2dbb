import type { BowBody } from '../bow/bowBody';
import { DEG_PER_RAD } from '../units';
import { CLOSE_PER_MM, project, sightFrom, type Station } from './sight';

/** A side of the stick all along it, as a picture shows it. */
export interface FacetBand {
  /** Closed path data in tenths of a millimetre. */
  path: string;
  /** Whether the eye sees it; else it lies on the stick's far side. */
  isSeen: boolean;
}

const DEG_PER_FACET = 45;
/** Further along the stick than any picture reaches, mm. */
const ALONG_MM = 160;

/**
 * One of the eight sides of the stick, numbered as the thumb's are: 1 on top, on toward the fingers' side, 5 toward the hair, 7 on the
 * thumb's side.
 */
export function facetBand(facet: number, { stickRadiusMm }: BowBody, station: Station): FacetBand {
  const sight = sightFrom(station);
  const middle = ((facet - 1) * DEG_PER_FACET) / DEG_PER_RAD;
  const half = DEG_PER_FACET / 2 / DEG_PER_RAD;
  const corner = stickRadiusMm / Math.cos(half);
  const edge = (angle: number) => [corner * Math.cos(angle), corner * Math.sin(angle)] as const;
  const [[ay, az], [by, bz]] = [edge(middle - half), edge(middle + half)];
  const corners = project(
    sight,
    Float64Array.of(
      ...[-ALONG_MM, ay, az],
      ...[ALONG_MM, ay, az],
      ...[ALONG_MM, by, bz],
      ...[-ALONG_MM, by, bz],
    ),
  );
  const at = (i: number) =>
    `${Math.round(corners[3 * i]! * CLOSE_PER_MM)} ${Math.round(corners[3 * i + 1]! * CLOSE_PER_MM)}`;
  const toward = sight.toward[1] * Math.cos(middle) + sight.toward[2] * Math.sin(middle);
  return { path: `M${[0, 1, 2, 3].map(at).join('L')}z`, isSeen: toward > 0 };
}
