import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { PLAYERS } from '@open-palm/core/stroke/testing';
import { bowPlaceAt, FILMS, frameTimesS, posesOf } from './films';
import { filmTruth, type FilmTruth } from './filmTruth';

const committed = (name: string) =>
  JSON.parse(readFileSync(join(__dirname, `../../clips/${name}.json`), 'utf8')) as FilmTruth;

/** Turn from the forearm to the hand in the picture, clockwise, degrees. */
function turnOf({ wrist, middleMcp, forearm }: FilmTruth['frames'][number]): number {
  const direction = ([x0, y0]: number[], [x1, y1]: number[]) => Math.atan2(y1! - y0!, x1! - x0!);
  return ((direction(wrist, middleMcp) - direction(forearm, wrist)) * 180) / Math.PI;
}

describe('the clips of the demo', () => {
  it('have the truth that the renderer makes today', () => {
    const film = FILMS.find(({ name }) => name === 'locked')!;
    const made = filmTruth(film, posesOf(film));
    const kept = committed('locked');
    expect(kept.wristRangeDeg).toBe(made.wristRangeDeg);
    expect(kept.frames).toHaveLength(made.frames.length);
    for (const [i, frame] of made.frames.entries()) {
      for (const point of ['wrist', 'middleMcp', 'forearm'] as const) {
        expect(Math.abs(kept.frames[i]![point][0] - frame[point][0])).toBeLessThan(1);
        expect(Math.abs(kept.frames[i]![point][1] - frame[point][1])).toBeLessThan(1);
      }
    }
  });

  it.each(FILMS.map(({ name }) => name))(
    'show the %s wrist from where it looks flat: within 1.5° of what it is',
    (name) => {
      for (const frame of committed(name).frames) {
        expect(Math.abs(turnOf(frame) - frame.wristFlexionDeg)).toBeLessThan(1.5);
      }
    },
  );

  it('go from the player’s heel to the player’s point and back, with a rest before and after', () => {
    for (const film of FILMS) {
      const { frames } = committed(film.name);
      const [heel, point] = PLAYERS[film.name].wrist;
      expect(frames[0]!.wristFlexionDeg).toBe(heel);
      expect(frames.at(-1)!.bowPlace).toBe(0);
      expect(Math.max(...frames.map(({ bowPlace }) => bowPlace))).toBeGreaterThan(0.999);
      const angles = frames.map(({ wristFlexionDeg }) => wristFlexionDeg);
      expect(angles).toContain(point);
      expect(frameTimesS(film)).toHaveLength(frames.length);
      expect(bowPlaceAt(film, 0.3)).toBe(0);
    }
  });
});
