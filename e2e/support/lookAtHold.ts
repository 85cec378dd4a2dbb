import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { expect, type Page } from '@playwright/test';
import { ROOT } from './studio';

/** A rendered demo picture and where its points truly are. */
export interface DemoPicture {
  file: string;
  image: { width: number; height: number };
  points2d: Record<string, [number, number]>;
  /** By joint, signed, degrees. */
  trueFlexionDeg?: Record<string, number>;
}

export function demoPicture(name: string): DemoPicture {
  const file = join(ROOT, 'studio-demo/pictures', name);
  const truth = JSON.parse(readFileSync(`${file}.json`, 'utf8'));
  const { image, points2d, trueFlexionDeg } = truth;
  return { file: `${file}.jpg`, image, points2d, trueFlexionDeg };
}

/** The order in which the app asks for the points of the finger side. */
export const FINGER_SIDE_ORDER = [
  'stickHandEnd',
  'stickTipEnd',
  'frogFront',
  'frogBack',
  ...['index', 'middle', 'ring', 'little'].flatMap((finger) =>
    ['Mcp', 'Pip', 'Dip', 'Tip'].map((joint) => finger + joint),
  ),
];

/** The order in which the app asks for what the thumb's side shows of the thumb. */
export const THUMB_SIDE_ORDER = [
  'stickHandEnd',
  'stickTipEnd',
  'frogFront',
  'frogBack',
  'thumbTip',
  'thumbIp',
  'thumbMcp',
  'thumbCmc',
];

/** Opens a student's hand file from the list. */
export async function openFileOf(page: Page, student: string): Promise<void> {
  await page.getByRole('link', { name: 'Students' }).click();
  await page.getByRole('link', { name: `Open ${student}’s hand file` }).click();
}

/** Opens a student's look from the list. */
export async function openLook(page: Page, student: string): Promise<void> {
  await openFileOf(page, student);
  await page.getByRole('button', { name: 'Look at the hold' }).click();
  await openSetup(page);
  await expect(page.getByRole('heading', { name: 'A look at the hold' })).toBeVisible();
}

/** Goes to what a picture is of, which lies behind the camera where a look begins with it. */
export async function openSetup(page: Page): Promise<void> {
  const more = page.getByRole('button', { name: 'View and more' });
  const setup = page.getByRole('heading', { name: /^(A look at the hold|Another picture)$/ });
  await more.or(setup).filter({ visible: true }).first().waitFor();
  if (await more.isVisible()) await more.click();
}

/** Gives a file to the app instead of a picture from its camera. */
export async function choosePicture(page: Page, file: string): Promise<void> {
  const choose = page.getByRole('button', { name: 'Choose a picture', exact: true });
  const take = page.getByRole('button', { name: /^(Take a picture|Another picture)$/ });
  await choose.or(take).filter({ visible: true }).first().waitFor();
  // After a refused file the camera's screen is still there.
  if (!(await choose.isVisible())) await take.click();
  const chooser = page.waitForEvent('filechooser');
  await choose.click();
  await (await chooser).setFiles(file);
}

/** Takes the picture of a view from a file and marks these points on it, up to where the result can be read. */
export async function markPicture(
  page: Page,
  view: string,
  picture: DemoPicture,
  names: readonly string[],
): Promise<void> {
  await openSetup(page);
  await page.getByRole('radio', { name: view }).click();
  await choosePicture(page, picture.file);
  await expect(page.getByTestId('canvas')).toBeVisible();
  await placePoints(page, picture, names);
}

type Spot = { x: number; y: number };

/** Tells where places of the picture are on the screen, as long as the whole picture is shown. */
async function screenOf(
  page: Page,
  picture: DemoPicture,
): Promise<{ at: (place: [number, number]) => Spot; isInside: (spot: Spot) => boolean }> {
  const box = (await page.getByTestId('canvas').boundingBox())!;
  const scale = Math.min(box.width / picture.image.width, box.height / picture.image.height);
  return {
    at: ([x, y]) => ({
      x: box.x + (box.width - picture.image.width * scale) / 2 + x * scale,
      y: box.y + (box.height - picture.image.height * scale) / 2 + y * scale,
    }),
    // The buttons of the canvas lie along its lower edge.
    isInside: ({ x, y }) =>
      x > box.x && y > box.y && x < box.x + box.width && y < box.y + box.height - 60,
  };
}

/** Where a place of the picture is on the screen, as long as the whole picture is shown. */
export const onScreen = async (
  page: Page,
  picture: DemoPicture,
  place: [number, number],
): Promise<Spot> => (await screenOf(page, picture)).at(place);

/** Sets points by mouse, in the order in which they are asked for. */
export async function placePoints(
  page: Page,
  picture: DemoPicture,
  names: readonly string[],
): Promise<void> {
  const isBegun = names[0] === 'stickHandEnd';
  if (isBegun) await setFirstPoint(page, picture);
  for (const name of names.slice(isBegun ? 1 : 0)) await setPoint(page, picture, name);
}

/**
 * Sets the bow's first point on the whole picture. The bow of the last picture may be offered at any moment before, which brings its
 * guesses nearer: it is given up, a touch that came beside its place is taken back, and one that only chose a guess is made again.
 */
async function setFirstPoint(page: Page, picture: DemoPicture): Promise<void> {
  const named = (name: string) => page.getByRole('button', { name, exact: true });
  const isSet = page.getByLabel(/^Stick: its middle, near the button, at \d+, \d+$/);
  const wholePicture = async () => {
    if (await named('Move it').isVisible()) await named('Move it').click();
    await named('Whole picture').click();
  };
  const [x, y] = picture.points2d.stickHandEnd!;
  await expect(async () => {
    await wholePicture();
    await setPoint(page, picture, 'stickHandEnd');
    const label = (await isSet.getAttribute('aria-label', { timeout: 2000 }))!;
    const [atX, atY] = label.match(/\d+/g)!.map(Number);
    if (Math.hypot(atX! - x, atY! - y) < NEAR_PX) return;
    await named('Undo').click();
    throw new Error('the view came nearer under the touch');
  }).toPass();
  // Where the one guess that was chosen had been given up alone, the others are still offered.
  await wholePicture();
}

/** As near as a touch of the screen comes to a place, px of the picture. */
const NEAR_PX = 12;

/** A touch this near to a mark means the mark; and one this near may take hold of it, px of the screen. */
const [ON_MARK_PX, REACH_PX] = [7.5, 24];

/** Sets the point that is asked for. Where another lies right there, it is set beside them and dragged to its place. */
export async function setPoint(page: Page, picture: DemoPicture, name: string): Promise<void> {
  const screen = await screenOf(page, picture);
  const to = screen.at(picture.points2d[name]!);
  const others = Object.entries(picture.points2d)
    .filter(([other]) => other !== name)
    .map(([, place]) => screen.at(place));
  const isApart = (spot: Spot, px: number) =>
    others.every(({ x, y }) => Math.hypot(x - spot.x, y - spot.y) > px);
  if (isApart(to, ON_MARK_PX)) {
    await page.mouse.click(to.x, to.y);
    return;
  }
  const from = spotsAround(to).find((spot) => isApart(spot, REACH_PX) && screen.isInside(spot))!;
  await page.mouse.move(from.x, from.y);
  await page.mouse.down();
  await page.mouse.move((from.x + to.x) / 2, (from.y + to.y) / 2);
  await page.mouse.move(to.x, to.y);
  await page.mouse.up();
}

/** Spots around one, nearest first. */
const spotsAround = ({ x, y }: Spot): Spot[] =>
  Array.from({ length: 30 * 12 }, (_, i) => {
    const [away, angle] = [12 * Math.floor(i / 12), ((i % 12) * Math.PI) / 6];
    return { x: x + away * Math.cos(angle), y: y + away * Math.sin(angle) };
  });
