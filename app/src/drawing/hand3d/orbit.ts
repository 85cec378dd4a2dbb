import { towardCamera, type View } from '@open-palm/core/measure';

/** From where the hand is looked at: turned about the upright, raised above it, and how near. */
export interface Orbit {
  yawDeg: number;
  pitchDeg: number;
  /** 1 shows the whole hand; more is nearer. */
  zoom: number;
}

const DEG = 180 / Math.PI;
const STEEPEST_DEG = 85;
const ZOOM = { least: 0.6, most: 3 };

/** Where a view's camera stands. */
export function orbitOf(view: View, side: 'right' | 'left'): Orbit {
  const { x, y, z } = towardCamera(view);
  const yawDeg = Math.atan2(x, z) * DEG;
  return {
    yawDeg: side === 'right' ? yawDeg : -yawDeg,
    pitchDeg: limited(Math.asin(y) * DEG, -STEEPEST_DEG, STEEPEST_DEG),
    zoom: 1,
  };
}

/** Turned by so many degrees; the hand is never turned on its head. */
export const turned = ({ yawDeg, pitchDeg, zoom }: Orbit, yaw: number, pitch: number): Orbit => ({
  yawDeg: ((((yawDeg + yaw + 180) % 360) + 360) % 360) - 180,
  pitchDeg: limited(pitchDeg + pitch, -STEEPEST_DEG, STEEPEST_DEG),
  zoom,
});

export const zoomed = (orbit: Orbit, factor: number): Orbit => ({
  ...orbit,
  zoom: limited(orbit.zoom * factor, ZOOM.least, ZOOM.most),
});

const limited = (value: number, least: number, most: number) =>
  Math.min(most, Math.max(least, value));

/** The three directions of the looker, each a unit vector in the bow's frame: right, up, toward the eye. */
export function looker({ yawDeg, pitchDeg }: Orbit): [number[], number[], number[]] {
  const [sy, cy] = [Math.sin(yawDeg / DEG), Math.cos(yawDeg / DEG)];
  const [sp, cp] = [Math.sin(pitchDeg / DEG), Math.cos(pitchDeg / DEG)];
  return [
    [cy, 0, -sy],
    [-sp * sy, cp, -sp * cy],
    [cp * sy, sp, cp * cy],
  ];
}

/** Between the finger side and the player's eye: from where most of a hold is seen at once. */
export const firstOrbit = (side: 'right' | 'left'): Orbit => ({
  yawDeg: side === 'right' ? 24 : -24,
  pitchDeg: 24,
  zoom: 1,
});
