import fc from 'fast-check';
import { InputError } from '@open-palm/core/issue';
import { POINT_NAMES, SIDES, VIEWS, type PlacedCapture } from '@open-palm/core/measure';
import { describeIssue } from '@open-palm/words/describe';
import { readCoco } from './readCoco';
import { writeCoco } from './writeCoco';

/** Every point somewhere of its own, so that nothing coincides. */
function capture(more: Partial<PlacedCapture> = {}): PlacedCapture {
  const points: PlacedCapture['points'] = {};
  POINT_NAMES.forEach((name, i) => (points[name] = { x: 20 + 30 * i, y: 40 + 7 * i, sigma: 2 }));
  // The frog's back lies toward the button, which the drawn order would have the other way round.
  points.frogBack = { x: 100, y: 60, sigma: 2 };
  return {
    view: 'profile',
    side: 'right',
    place: null,
    image: { width: 1200, height: 900 },
    points,
    frogLength: { mm: 46, sdMm: 0.5 },
    ...more,
  };
}

const file = () => structuredClone(writeCoco([{ fileName: 'a.jpg', capture: capture() }]));
type Annotation = ReturnType<typeof file>['annotations'][number];

/** Why a file is refused as a whole. */
function refusal(content: unknown): string {
  try {
    readCoco(content);
  } catch (error) {
    if (error instanceof InputError) return error.issues.map(describeIssue).join(' ');
    throw error;
  }
  return '';
}

describe('COCO keypoints', () => {
  it('give back what was written, whichever points were seen', () => {
    fc.assert(
      fc.property(
        fc.subarray([...POINT_NAMES]),
        fc.constantFrom(...VIEWS),
        fc.constantFrom(...SIDES),
        fc.constantFrom('heel' as const, 'middle' as const, 'point' as const, null),
        (seen, view, side, place) => {
          const whole = capture({ view, side, place });
          const points = Object.fromEntries(
            seen.flatMap((name) =>
              // Ends of the bow that look back to front are another test's business.
              name === 'frogBack' ? [] : [[name, whole.points[name]]],
            ),
          );
          const written = { ...whole, points };
          const [row] = readCoco(writeCoco([{ fileName: 'a.jpg', capture: written }]));
          expect(row).toEqual({ row: 0, fileName: 'a.jpg', capture: written, issues: [] });
        },
      ),
    );
  });

  it('are as the format has them: counted keypoints, a box around them, pairs of bones from 1', () => {
    const { annotations, categories } = file();
    const [annotation] = annotations;
    expect(annotation!.keypoints).toHaveLength(POINT_NAMES.length * 3);
    expect(annotation!.num_keypoints).toBe(POINT_NAMES.length);
    expect(annotation!.bbox).toEqual([20, 40, 30 * 31, 7 * 31]);
    const wristToThumb = (categories[0]!.skeleton as number[][])[0];
    expect(wristToThumb).toEqual([1, 2]);
  });

  it('match points by their names, in whatever order a file has them', () => {
    const content = file();
    const [category] = content.categories;
    const [annotation] = content.annotations;
    const triples = category!.keypoints!.map((name, i) => ({
      name,
      at: annotation!.keypoints.slice(i * 3, i * 3 + 3),
    }));
    triples.reverse();
    category!.keypoints = [...triples.map(({ name }) => name), 'elbowPatch'];
    annotation!.keypoints = [...triples.flatMap(({ at }) => at), 5, 5, 2];
    annotation!.num_keypoints += 1;
    annotation!.attributes = { ...annotation!.attributes, sigma_px: 2 };
    expect(readCoco(content)[0]!.capture).toEqual(capture());
  });

  it('leave out what was hidden: a guess is no sight', () => {
    const content = file();
    content.annotations[0]!.keypoints[4 * 3 + 2] = 1;
    expect(readCoco(content)[0]!.capture!.points.thumbTip).toBeUndefined();
  });

  it('un-mirror a picture that says it is mirrored', () => {
    const content = file();
    const flipped = content.annotations[0]!;
    flipped.attributes = { ...flipped.attributes, mirrored: true };
    flipped.keypoints = flipped.keypoints.map((v, i) => (i % 3 === 0 ? 1200 - v : v));
    expect(readCoco(content)[0]!.capture).toEqual(capture());
  });

  it.each<[string, (content: ReturnType<typeof file>) => unknown, RegExp]>([
    ['that is no object', () => 'hello', /^file: /],
    [
      'of another category',
      (c) => ({ ...c, categories: [{ ...c.categories[0]!, name: 'person' }] }),
      /^categories: expected one named "hand_bow", found "person"\.$/,
    ],
    [
      'whose category lacks points',
      (c) => ({
        ...c,
        categories: [
          { ...c.categories[0]!, keypoints: POINT_NAMES.filter((n) => !n.startsWith('ring')) },
        ],
      }),
      /^categories\[0\]\.keypoints: these points are missing: ringMcp, ringPip, ringDip, ringTip\.$/,
    ],
    [
      'with a point twice',
      (c) => ({
        ...c,
        categories: [{ ...c.categories[0]!, keypoints: [...POINT_NAMES, 'wrist'] }],
      }),
      /"wrist" stands twice/,
    ],
    [
      'of more rows than are read',
      (c) => ({ ...c, annotations: new Array(20_001).fill(c.annotations[0]) }),
      /^annotations: has 20001 rows; at most 20000 can be read\.$/,
    ],
  ])('refuse a file %s, with the place', (_what, spoil, message) => {
    expect(refusal(spoil(file()))).toMatch(message);
  });

  it.each<[string, Partial<Annotation>, RegExp]>([
    ['another category', { category_id: 7 }, /^annotations\[1\]\.category_id: is not that of/],
    [
      'numbers missing',
      { keypoints: [1, 2, 2] },
      /^annotations\[1\]\.keypoints: has 3 numbers, expected 96\.$/,
    ],
    [
      'a wrong count',
      { num_keypoints: 5 },
      /^annotations\[1\]\.num_keypoints: is 5, but 32 are marked\.$/,
    ],
    ['no picture', { image_id: 99 }, /^annotations\[1\]\.image_id: no image has this id\.$/],
    [
      'no view',
      { attributes: { frog_length_mm: 46, sigma_px: 2 } as Annotation['attributes'] },
      /^annotations\[1\]\.attributes\.view: /,
    ],
    [
      'a point outside its picture',
      { keypoints: file().annotations[0]!.keypoints.with(4 * 3, 9000) },
      /^annotations\[1\] hand\[4\] \(thumb tip\) lies at 9000, /,
    ],
    [
      'doubts missing',
      {
        attributes: { ...file().annotations[0]!.attributes, sigma_px: [2, 2] },
      },
      /^annotations\[1\]\.attributes\.sigma_px: has 2 numbers, expected 32\.$/,
    ],
  ])('report a row with %s and read the others', (_what, spoiled, message) => {
    const content = file();
    const good = content.annotations[0]!;
    const rows = readCoco({ ...content, annotations: [good, { ...good, ...spoiled }, good] });
    expect(rows.map((row) => row.capture !== null)).toEqual([true, false, true]);
    expect(rows[1]!.issues.map(describeIssue)[0]).toMatch(message);
  });

  it('report on each of 10,000 rows', () => {
    const content = file();
    const good = content.annotations[0]!;
    const annotations = Array.from({ length: 10_000 }, (_, i) =>
      i % 1000 === 3 ? { ...good, num_keypoints: 1 } : good,
    );
    const rows = readCoco({ ...content, annotations });
    expect(rows).toHaveLength(10_000);
    expect(rows.filter((row) => row.capture === null).map(({ row }) => row)).toEqual([
      3, 1003, 2003, 3003, 4003, 5003, 6003, 7003, 8003, 9003,
    ]);
  });
});
