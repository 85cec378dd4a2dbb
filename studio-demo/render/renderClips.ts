import { mkdirSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { asBase64, openClipEncoder } from './film/encodeClip';
import { filmCamera } from './film/filmCamera';
import { bowPlaceAt, FILM, FILMS, frameTimesS, posesOf } from './film/films';
import { filmTruth, wristBendAt } from './film/filmTruth';
import { openRenderer } from './renderer';

/** Films every demo student over four strokes into studio-demo/clips, each with its truth file. */
const folder = fileURLToPath(new URL('../clips/', import.meta.url));
mkdirSync(folder, { recursive: true });
const only = process.argv[2];
const [renderer, encoder] = await Promise.all([openRenderer(), openClipEncoder()]);
for (const film of FILMS) {
  if (only && film.name !== only) continue;
  const poseAt = posesOf(film);
  const frames = [];
  for (const timeS of frameTimesS(film)) {
    const place = bowPlaceAt(film, timeS);
    const grip = { target: film.targets[0], wristBend: wristBendAt(film, place), look: film.look };
    const drawn = await renderer.draw(
      { grip, pose: poseAt(place) },
      filmCamera(place),
      film.look,
      FILM,
    );
    frames.push({ timeS, durationS: 1 / FILM.rateHz, jpeg: asBase64(drawn.jpeg) });
  }
  const { width, height } = FILM;
  const clip = await encoder.encode({ kind: 'webm', width, height, frames, bitsPerS: 500_000 });
  writeFileSync(`${folder}${film.name}.webm`, clip);
  writeFileSync(`${folder}${film.name}.json`, `${JSON.stringify(filmTruth(film, poseAt))}\n`);
  console.log(`${film.name}.webm  ${(clip.length / 1024).toFixed(0)} KB`);
}
await Promise.all([renderer.close(), encoder.close()]);
