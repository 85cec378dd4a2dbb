import { quantile } from 'd3-array';
import { PLAYERS } from '@open-palm/core/stroke/testing';
import { poseHand, type HandPose } from '../handPose';
import { forearmMark } from '../truth';
import type { WristBend } from '../gripTarget';
import { filmCamera, projectInFilm } from './filmCamera';
import { bowPlaceAt, FILM, frameTimesS, type Film } from './films';

/** What is known of a frame of a clip; places in px of the clip, y down. */
export interface FrameTruth {
  timeS: number;
  /** 0 heel to 1 point. */
  bowPlace: number;
  wristFlexionDeg: number;
  wrist: [number, number];
  middleMcp: [number, number];
  /** A place on the forearm's midline, toward the elbow. */
  forearm: [number, number];
}

/** What is known of a clip. */
export interface FilmTruth {
  width: number;
  height: number;
  view: 'profile';
  side: 'right';
  /** From the 5th to the 95th percentile of all frames. */
  wristRangeDeg: number;
  frames: FrameTruth[];
}

/** How the wrist is bent at a place of the bow. */
export function wristBendAt({ name }: Film, place: number): WristBend {
  const [heel, point] = PLAYERS[name].wrist;
  return { flexionDeg: heel + (point - heel) * place, deviationDeg: 0 };
}

/** Everything that is true of a clip. */
export function filmTruth(film: Film, poseAt: (place: number) => HandPose): FilmTruth {
  const frames = frameTimesS(film).map((timeS): FrameTruth => {
    const place = bowPlaceAt(film, timeS);
    const bend = wristBendAt(film, place);
    const hand = poseHand(poseAt(place), film.targets[0].build);
    const camera = filmCamera(place);
    const { wrist, middleMcp } = hand.points;
    return {
      timeS,
      bowPlace: Math.round(place * 1e4) / 1e4,
      wristFlexionDeg: Math.round(bend.flexionDeg * 100) / 100,
      wrist: projectInFilm(camera, wrist),
      middleMcp: projectInFilm(camera, middleMcp),
      forearm: projectInFilm(camera, forearmMark(hand, bend)),
    };
  });
  const angles = frames.map(({ wristFlexionDeg }) => wristFlexionDeg);
  const range = quantile(angles, 0.95)! - quantile(angles, 0.05)!;
  return {
    width: FILM.width,
    height: FILM.height,
    view: 'profile',
    side: 'right',
    wristRangeDeg: Math.round(range * 100) / 100,
    frames,
  };
}
