import { PerspectiveCamera, Vector3 } from 'three';
import { project } from '../cameras';
import { FILM } from './films';

/** From heel to point the hand moves this far along the bow, mm: most of a violin bow's hair. */
export const STROKE_MM = 430;

/** The camera stands still in the room, some steps from the student, and looks nearly along the bow. */
const TOWARD = new Vector3(-1, 0.12, 0.4).normalize();
const DISTANCE_MM = 1900;
/** What it looks at when the bow is in the middle, in the bow's frame, and how much it sees there, mm. */
const AT = new Vector3(0, 10, -110);
const WIDTH_MM = 780;

/**
 * The camera in the frame of the bow, which is played past it: toward the point the hand comes nearer to the camera.
 *
 * @param place of the bow, 0 heel to 1 point
 */
export function filmCamera(place: number): PerspectiveCamera {
  const verticalMm = (WIDTH_MM * FILM.height) / FILM.width;
  const camera = new PerspectiveCamera(
    (2 * Math.atan(verticalMm / 2 / DISTANCE_MM) * 180) / Math.PI,
    FILM.width / FILM.height,
    10,
    5000,
  );
  const at = AT.clone().add(new Vector3((place - 0.5) * STROKE_MM, 0, 0));
  camera.position.copy(at).addScaledVector(TOWARD, DISTANCE_MM);
  camera.lookAt(at);
  camera.updateMatrixWorld(true);
  return camera;
}

/** Pixel of the clip of a place in the bow's frame, y down. */
export function projectInFilm(camera: PerspectiveCamera, place: Vector3): [number, number] {
  const { x, y } = project(camera, place, FILM);
  return [Math.round(x * 10) / 10, Math.round(y * 10) / 10];
}
