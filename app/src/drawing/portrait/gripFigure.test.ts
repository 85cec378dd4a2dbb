import { holdById } from '@open-palm/core/holds';
import type { GripContacts } from '@open-palm/core/measure';
import { overhandFigure } from './gripFigure';
import { tubeOutline } from './tube';
import { underhandFigure } from './underhandFigure';

const hold = holdById('violin-shallow');
const at = (xMm: number, u: number, dMm = 0) => ({ xMm, u, dMm, touching: dMm === 0 });
const contacts: GripContacts = {
  thumbXMm: 3,
  fingers: { index: at(26, 1.5), middle: at(6, 1.2), ring: at(-9, 1.1), little: null },
};

describe('overhandFigure', () => {
  it('puts every finger on the stick at its own place', () => {
    const { fingers } = overhandFigure(hold, contacts, 30);
    expect(fingers.index.contact).toEqual({ x: 26, y: 0 });
    // At 1.5 the stick crosses half-way between the middle and the last joint.
    const [, pip, dip] = fingers.index.joints;
    expect((pip!.x + dip!.x) / 2).toBeCloseTo(26, 9);
    expect((pip!.y + dip!.y) / 2).toBeCloseTo(0, 9);
  });

  it('hangs a finger lower the deeper the stick lies in it', () => {
    const tipAt = (u: number) =>
      overhandFigure(
        hold,
        { ...contacts, fingers: { ...contacts.fingers, index: at(26, u) } },
        30,
      ).fingers.index.joints.at(-1)!.y;
    expect(tipAt(2.4)).toBeGreaterThan(tipAt(1.5) + 15);
  });

  it('lets a lost finger hover over the stick', () => {
    const lost = { ...contacts, fingers: { ...contacts.fingers, little: at(-32, 0, -30) } };
    const { little } = overhandFigure(hold, lost, 30).fingers;
    expect(little.joints.at(-1)).toEqual({ x: -32, y: -30 });
    // Its knuckle stays with the hand.
    expect(little.joints[0]).toEqual(overhandFigure(hold, contacts, 30).fingers.little.joints[0]);
  });

  it('stands the unseen where the hold wants it, and says that it was not seen', () => {
    const { little, index } = overhandFigure(hold, contacts, 30).fingers;
    expect(little.seen).toBe(false);
    expect(little.contact.x).toBe(hold.startingPlacesMm.little);
    expect(index.seen).toBe(true);
  });

  it('bends the thumb by its measured angle', () => {
    const bendOf = (deg: number) => {
      const [mcp, ip, tip] = overhandFigure(hold, contacts, deg).thumb.joints;
      const a = Math.atan2(tip!.y - ip!.y, tip!.x - ip!.x);
      const b = Math.atan2(ip!.y - mcp!.y, ip!.x - mcp!.x);
      return Math.round((Math.abs(a - b) * 180) / Math.PI);
    };
    expect(bendOf(0)).toBe(0);
    expect(bendOf(38)).toBe(38);
  });
});

describe('tubeOutline', () => {
  it('runs at its radius along a straight line and rounds the tip', () => {
    const outline = tubeOutline(
      [
        { x: 0, y: 0 },
        { x: 0, y: 40 },
      ],
      [5, 5],
    );
    expect(outline[0]).toEqual({ x: -5, y: 0 });
    expect(outline.at(-1)).toEqual({ x: 5, y: 0 });
    expect(Math.max(...outline.map((p) => p.y))).toBeCloseTo(45, 6);
    expect(Math.max(...outline.map((p) => Math.abs(p.x)))).toBeCloseTo(5, 6);
  });
});

describe('underhandFigure', () => {
  const german = holdById('german-bass');
  const figure = underhandFigure(german, contacts, 20);

  it('has the thumb on top of the stick and the little finger under the frog', () => {
    const frogBottom = 22;
    expect(figure.thumb.joints.at(-1)!.y).toBeLessThan(-4);
    expect(figure.fingers.little.joints.at(-1)!.y).toBeGreaterThan(frogBottom);
  });

  it('puts what was seen where it was seen, and the rest where the hold wants it', () => {
    expect(figure.fingers.index.contact.x).toBe(26);
    expect(figure.fingers.little).toMatchObject({ seen: false, contact: { x: -13 } });
  });
});
