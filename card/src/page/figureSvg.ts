import type { PortraitPaths } from '@open-palm/core/portrait';
import { BOW_INKS, BOW_LINE } from '@open-palm/core/portrait/bowInks';
import type { Skin } from '@open-palm/core/portrait/skins';
import type { CardFigure } from '../data/cardData';
import type { SceneMark } from '@open-palm/core/portrait/drills';

/** The same on a light and a dark card. */
const TONES: Record<SceneMark['tone'], string> = {
  amber: '#C77A1E',
  string: '#8E8674',
  paper: '#F7F1E2',
};
const LINES = { outline: 7, bow: 4, ink: 1.5, nail: 2.5, crease: 3.5, unseen: 6 };
/** What was not seen is paler, its outline broken. */
const PALE = { paper: '#fff', share: 0.62, dash: '26 20' };
/** Further than any drawing reaches. */
const FAR = 9999;

/**
 * A drawn hand as SVG by itself: no scripts, no styles, nothing to be fetched.
 *
 * @param id of its own among all drawings on a page
 */
export function figureSvg(
  id: string,
  { width, height, hand, unseen, bow, before }: PortraitPaths,
  {
    skin,
    mirrored,
    isTurnedOver = false,
    marks = [],
  }: { skin: Skin; mirrored: boolean; isTurnedOver?: boolean; marks?: readonly SceneMark[] },
): CardFigure {
  const turns = [
    ...(mirrored ? [`translate(${width} 0) scale(-1 1)`] : []),
    ...(isTurnedOver ? [`rotate(180 ${width / 2} ${height / 2})`] : []),
  ];
  const area = (d: string, fill: string, more = '') =>
    d === '' ? '' : `<path d="${d}" fill="${fill}" fill-rule="evenodd"${more}/>`;
  const line = (d: string, stroke: string, wide: number, more = '') =>
    d === ''
      ? ''
      : `<path d="${d}" fill="none" stroke="${stroke}" stroke-width="${wide}" stroke-linejoin="round" stroke-linecap="round"${more}/>`;
  const marked = (where: SceneMark['where']) =>
    marks
      .filter((mark) => mark.where === where)
      .map(({ d, tone, width: wide }) =>
        wide === 0 ? area(d, TONES[tone]) : line(d, TONES[tone], wide),
      )
      .join('');
  const held = bow
    ? bow.faces.map(({ stuff, tone, path }) => area(path, BOW_INKS[stuff][tone])).join('') +
      line(bow.outline, BOW_LINE, LINES.bow)
    : '';
  const clip = `before-${id}`;
  return {
    viewBox: `0 0 ${width} ${height}`,
    body: [
      before === ''
        ? ''
        : `<clipPath id="${clip}"><path clip-rule="evenodd" d="M${-FAR} ${-FAR}H${width + FAR}V${height + FAR}H${-FAR}z${before}"/></clipPath>`,
      `<g${turns.length > 0 ? ` transform="${turns.join(' ')}"` : ''}>`,
      marked('behind'),
      area(hand.outline, skin.fill),
      area(hand.shade, skin.shade),
      area(hand.deep, skin.deep),
      area(hand.gleam, skin.gleam),
      area(hand.nails, skin.nail),
      line(hand.nails, skin.line, LINES.nail),
      line(hand.creases, skin.line, LINES.crease, ' opacity="0.5"'),
      area(unseen, PALE.paper, ` opacity="${PALE.share}"`),
      area(hand.ink, skin.line),
      line(hand.ink, skin.line, LINES.ink),
      line(hand.outline, skin.line, LINES.outline),
      line(unseen, PALE.paper, LINES.unseen, ` stroke-dasharray="${PALE.dash}"`),
      `<g${before === '' ? '' : ` clip-path="url(#${clip})"`}>${held}</g>`,
      marked('over'),
      '</g>',
    ].join(''),
  };
}
