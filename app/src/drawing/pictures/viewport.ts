import type { Vec2 } from '@open-palm/core/units';

export interface Size {
  width: number;
  height: number;
}

/** How the picture lies on the screen: screen = picture × scale + offset. */
export interface Viewport {
  scale: number;
  x: number;
  y: number;
}

/** How far one can zoom in beyond the whole picture. */
const MOST_ZOOM = 8;

export const toScreen = ({ scale, x, y }: Viewport, at: Vec2): Vec2 => ({
  x: at.x * scale + x,
  y: at.y * scale + y,
});

export const toPicture = ({ scale, x, y }: Viewport, at: Vec2): Vec2 => ({
  x: (at.x - x) / scale,
  y: (at.y - y) / scale,
});

/** The whole picture, as large as the box allows, in its middle. */
export function fitted(picture: Size, box: Size): Viewport {
  const scale = Math.min(box.width / picture.width, box.height / picture.height);
  return {
    scale,
    x: (box.width - picture.width * scale) / 2,
    y: (box.height - picture.height * scale) / 2,
  };
}

/** Zoomed by a factor about a place on the screen, which stays where it is as far as the edges allow. */
export function zoomed(
  viewport: Viewport,
  factor: number,
  about: Vec2,
  picture: Size,
  box: Size,
): Viewport {
  const least = fitted(picture, box).scale;
  const scale = Math.min(least * MOST_ZOOM, Math.max(least, viewport.scale * factor));
  const held = toPicture(viewport, about);
  return withinEdges(
    { scale, x: about.x - held.x * scale, y: about.y - held.y * scale },
    picture,
    box,
  );
}

/** Moved on the screen, never so far that the picture leaves the box. */
export const panned = (viewport: Viewport, by: Vec2, picture: Size, box: Size): Viewport =>
  withinEdges({ ...viewport, x: viewport.x + by.x, y: viewport.y + by.y }, picture, box);

function withinEdges(viewport: Viewport, picture: Size, box: Size): Viewport {
  const along = (offset: number, shown: number, room: number) =>
    shown <= room ? (room - shown) / 2 : Math.min(0, Math.max(room - shown, offset));
  return {
    scale: viewport.scale,
    x: along(viewport.x, picture.width * viewport.scale, box.width),
    y: along(viewport.y, picture.height * viewport.scale, box.height),
  };
}

/** How near a few places are shown, at the most: as often as the whole picture fits. */
const NEAREST = 2.8;
/** Room around them, as a share of the picture's width. */
const AROUND_SHARE = 0.11;

/** The part of the picture with some places in it, as large as the box allows. */
export function focused(places: readonly Vec2[], picture: Size, box: Size): Viewport {
  const xs = places.map(({ x }) => x);
  const ys = places.map(({ y }) => y);
  const around = 2 * AROUND_SHARE * picture.width;
  const width = Math.max(...xs) - Math.min(...xs) + around;
  const height = Math.max(...ys) - Math.min(...ys) + around;
  const least = fitted(picture, box).scale;
  const scale = Math.max(least, Math.min(least * NEAREST, box.width / width, box.height / height));
  const middle = {
    x: (Math.max(...xs) + Math.min(...xs)) / 2,
    y: (Math.max(...ys) + Math.min(...ys)) / 2,
  };
  const viewport = {
    scale,
    x: box.width / 2 - middle.x * scale,
    y: box.height / 2 - middle.y * scale,
  };
  return withinEdges(viewport, picture, box);
}

/** A place brought back into the picture. */
export const inside = (at: Vec2, picture: Size): Vec2 => ({
  x: Math.min(picture.width, Math.max(0, at.x)),
  y: Math.min(picture.height, Math.max(0, at.y)),
});
