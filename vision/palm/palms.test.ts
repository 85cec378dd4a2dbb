import { palmAnchors } from './anchors';
import { decodePalms, type Palm } from './decodePalms';
import { mergePalms, overlap } from './mergePalms';

describe('palmAnchors', () => {
  const anchors = palmAnchors();

  it('are 24 × 24 × 2 and 12 × 12 × 6, at the middles of their cells', () => {
    expect(anchors).toHaveLength(24 * 24 * 2 + 12 * 12 * 6);
    // Worked by hand: cells are 1/24 and 1/12 wide, and the first cell's middle is half of that.
    expect(anchors[0]).toEqual({ x: 0.5 / 24, y: 0.5 / 24 });
    expect(anchors[1]).toEqual(anchors[0]);
    expect(anchors[2]).toEqual({ x: 1.5 / 24, y: 0.5 / 24 });
    expect(anchors[48]).toEqual({ x: 0.5 / 24, y: 1.5 / 24 });
    expect(anchors[1151]).toEqual({ x: 23.5 / 24, y: 23.5 / 24 });
    expect(anchors[1152]).toEqual({ x: 0.5 / 12, y: 0.5 / 12 });
    expect(anchors[1158]).toEqual({ x: 1.5 / 12, y: 0.5 / 12 });
    expect(anchors[2015]).toEqual({ x: 11.5 / 12, y: 11.5 / 12 });
  });
});

describe('decodePalms', () => {
  it('counts a box from its anchor, in the model’s 192 px', () => {
    const boxes = new Float32Array(2016 * 18);
    const scores = new Float32Array(2016).fill(-100);
    // Anchor 1152 stands at (1/24, 1/24). Its box: middle 19.2 px right and 38.4 px down of it, 48 × 96 px; the wrist
    // 9.6 px right of the anchor, the middle knuckle 57.6 px down.
    const row = 1152 * 18;
    boxes.set([19.2, 38.4, 48, 96, 9.6, 0, 0, 0, 0, 57.6], row);
    scores[1152] = Math.log(4);
    const [palm, ...others] = decodePalms({ boxes, scores });
    expect(others).toEqual([]);
    expect(palm!.score).toBeCloseTo(0.8, 6);
    expect(palm!.x).toBeCloseTo(1 / 24 + 0.1, 6);
    expect(palm!.y).toBeCloseTo(1 / 24 + 0.2, 6);
    expect(palm!.width).toBeCloseTo(0.25, 6);
    expect(palm!.height).toBeCloseTo(0.5, 6);
    expect(palm!.wrist.x).toBeCloseTo(1 / 24 + 0.05, 6);
    expect(palm!.wrist.y).toBeCloseTo(1 / 24, 6);
    expect(palm!.middleMcp.y).toBeCloseTo(1 / 24 + 0.3, 6);
  });

  it('leaves out what the model is less than a quarter sure of, and puts the surest first', () => {
    const scores = new Float32Array(2016).fill(-1.2);
    scores[5] = -1;
    scores[9] = 2;
    const palms = decodePalms({ boxes: new Float32Array(2016 * 18), scores });
    expect(palms.map(({ score }) => score.toFixed(3))).toEqual(['0.881', '0.269']);
  });
});

const palm = (x: number, score: number, width = 0.2): Palm => ({
  score,
  x,
  y: 0.5,
  width,
  height: 0.2,
  wrist: { x, y: 0.6 },
  middleMcp: { x, y: 0.4 },
});

describe('mergePalms', () => {
  it('takes boxes that overlap as one palm, by the mean weighted with their scores', () => {
    // 0.2 wide, 0.05 apart: they share 0.15 of 0.25.
    expect(overlap(palm(0.5, 1), palm(0.55, 1))).toBeCloseTo(0.15 / 0.25, 9);
    const merged = mergePalms([palm(0.5, 0.9), palm(0.55, 0.6)]);
    expect(merged).toHaveLength(1);
    expect(merged[0]!.x).toBeCloseTo((0.9 * 0.5 + 0.6 * 0.55) / 1.5, 9);
    expect(merged[0]!.wrist.x).toBeCloseTo(merged[0]!.x, 9);
    expect(merged[0]!.score).toBe(0.9);
  });

  it('keeps palms apart that hardly overlap', () => {
    expect(mergePalms([palm(0.3, 0.9), palm(0.45, 0.8), palm(0.7, 0.7)])).toHaveLength(3);
    expect(overlap(palm(0.3, 1), palm(0.9, 1))).toBe(0);
    expect(overlap(palm(0.3, 1, 0), palm(0.3, 1, 0))).toBe(0);
  });
});
