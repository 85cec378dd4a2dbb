import type { Student } from '@open-palm/contract';
import type { PortraitPaths } from '@open-palm/core/portrait';
import { BOW_INKS, BOW_LINE } from '@open-palm/core/portrait/bowInks';
import type { SceneMark } from '@open-palm/core/portrait/drills';
import { SKINS } from '@open-palm/core/portrait/skins';

const PAPER = '#FFFFFF';
const LINES = { outline: 7, bow: 4, ink: 1.5, nail: 2.5, crease: 3.5, unseen: 6 };
const DASH = { length: 26, space: 20 };
/** What is laid over a drawing, by its tone. */
const TONES: Record<SceneMark['tone'], string> = {
  amber: '#C77A1E',
  string: '#8E8674',
  paper: '#F7F1E2',
};
/** Further than any drawing reaches. */
const FAR = 9999;

/** Paints a drawn hand into a PDF: its upper left corner there, so many points wide. */
export function paintHand(
  doc: PDFKit.PDFDocument,
  { width, height, hand, unseen, bow, before }: PortraitPaths,
  { side, skinTone }: Pick<Student, 'side' | 'skinTone'>,
  at: { x: number; y: number; width: number },
  {
    marks = [],
    isTurnedOver = false,
  }: { marks?: readonly SceneMark[]; isTurnedOver?: boolean } = {},
): void {
  const skin = SKINS[skinTone];
  const scale = at.width / width;
  const filled = (path: string, color: string, opacity = 1) => {
    if (path !== '') doc.path(path).fillOpacity(opacity).fill(color, 'even-odd').fillOpacity(1);
  };
  const lined = (path: string, color: string, lineWidth: number, opacity = 1) => {
    if (path === '') return;
    doc.path(path).lineWidth(lineWidth).strokeOpacity(opacity).stroke(color).strokeOpacity(1);
  };
  doc.save();
  doc.translate(at.x, at.y).scale(scale);
  if (side === 'left') doc.translate(width, 0).scale(-1, 1);
  doc.rect(0, 0, width, height).clip();
  if (isTurnedOver) doc.rotate(180, { origin: [width / 2, height / 2] });
  doc.lineJoin('round').lineCap('round');
  const marked = (where: SceneMark['where']) => {
    for (const { d, tone, width: wide } of marks.filter((mark) => mark.where === where)) {
      if (wide === 0) filled(d, TONES[tone]);
      else lined(d, TONES[tone], wide);
    }
  };
  marked('behind');
  filled(hand.outline, skin.fill);
  filled(hand.shade, skin.shade);
  filled(hand.deep, skin.deep);
  filled(hand.gleam, skin.gleam);
  filled(hand.nails, skin.nail);
  lined(hand.nails, skin.line, LINES.nail);
  lined(hand.creases, skin.line, LINES.crease, 0.5);
  filled(unseen, PAPER, 0.62);
  filled(hand.ink, skin.line);
  lined(hand.ink, skin.line, LINES.ink);
  lined(hand.outline, skin.line, LINES.outline);
  if (unseen !== '') {
    doc.dash(DASH.length, { space: DASH.space });
    lined(unseen, PAPER, LINES.unseen);
    doc.undash();
  }
  if (bow) {
    doc.save();
    if (before !== '') {
      doc.path(`M${-FAR} ${-FAR}H${width + FAR}V${height + FAR}H${-FAR}z${before}`);
      doc.clip('even-odd');
    }
    for (const { stuff, tone, path } of bow.faces) {
      filled(path, BOW_INKS[stuff][tone]);
      lined(path, BOW_INKS[stuff][tone], 1);
    }
    lined(bow.outline, BOW_LINE, LINES.bow);
    doc.restore();
  }
  marked('over');
  doc.restore();
}
