import { drillKey, fill, type CardData, type CardDose } from '../data/cardData';
import { escaped } from './escaped';

/** What makes a card live: its script and its style, each with its hash as a Content-Security-Policy wants it. */
export interface CardParts {
  script: string;
  scriptHash: string;
  style: string;
  styleHash: string;
}

/** A practice card as one HTML file that asks nothing of any network. */
export function cardPage(
  data: CardData,
  { script, scriptHash, style, styleHash }: CardParts,
): string {
  const policy = [
    "default-src 'none'",
    `script-src '${scriptHash}'`,
    `style-src '${styleHash}'`,
    "base-uri 'none'",
    "form-action 'none'",
  ].join('; ');
  const title = fill(data.words.title, { name: data.called });
  return [
    '<!doctype html>',
    `<html lang="${escaped(data.language)}">`,
    '<head>',
    '<meta charset="utf-8">',
    '<meta name="viewport" content="width=device-width, initial-scale=1">',
    `<meta http-equiv="Content-Security-Policy" content="${policy}">`,
    '<meta name="referrer" content="no-referrer">',
    `<title>${escaped(title)}</title>`,
    `<style>${style}</style>`,
    '</head>',
    '<body>',
    figureSheet(data),
    paperHtml(data),
    '<div id="live"></div>',
    // A closing tag inside the data would end it; nothing in braces can be one.
    `<script type="application/json" id="card-data">${JSON.stringify(data, (key, value: unknown) => (key === 'body' ? '' : value)).replace(/</g, '\\u003c')}</script>`,
    `<script>${script}</script>`,
    '</body>',
    '</html>',
    '',
  ].join('\n');
}

/** Every drawing once, to be used wherever it is shown. */
export const figureSheet = ({ figures }: Pick<CardData, 'figures'>): string =>
  `<svg class="sheet" aria-hidden="true">${Object.entries(figures)
    .map(
      ([id, { viewBox, body }]) =>
        `<symbol id="figure-${escaped(id)}" viewBox="${escaped(viewBox)}">${body}</symbol>`,
    )
    .join('')}</svg>`;

const figure = ({ figures }: CardData, id: string | null): string => {
  const drawn = id === null ? undefined : figures[id];
  if (!drawn) return '';
  return `<svg class="figure" viewBox="${escaped(drawn.viewBox)}" aria-hidden="true"><use href="#figure-${escaped(id!)}"/></svg>`;
};

/** All of the plan without a script: what a mail's preview shows, and what is printed. */
export function paperHtml(data: CardData): string {
  const { words, days, drills } = data;
  const doses = new Map<string, CardDose>();
  for (const day of days) for (const dose of day.drills) doses.set(drillKey(dose), dose);
  const rows = [...doses.entries()].map(([key, dose]) => {
    const { name, steps, wrong, figure: id, stage, soft } = drills[key]!;
    return [
      '<li>',
      figure(data, id),
      '<div>',
      `<h3>${escaped(name)}${stage === null ? '' : ` <small>${escaped(stage)}</small>`}</h3>`,
      `<p class="dose">${escaped(doseWords(data, dose))}</p>`,
      `<p>${steps.map(escaped).join(' ')}${soft === null ? '' : ` ${escaped(soft)}`}</p>`,
      `<p class="wrong">${escaped(`${words.wrongTitle} ${wrong}`)}</p>`,
      '</div>',
      '</li>',
    ].join('');
  });
  const cell = (key: string, day: (typeof days)[number]) => {
    const dose = day.drills.find((one) => drillKey(one) === key);
    return `<td>${dose ? '<i></i>'.repeat(dose.turns) : ''}</td>`;
  };
  const aids = [...new Set(days.flatMap((day) => day.aids.map((aid) => `${day.short}: ${aid}`)))];
  return [
    '<main id="paper">',
    `<h1>${escaped(fill(words.title, { name: data.called }))}</h1>`,
    `<p>${escaped(fill(words.until, { date: data.until }))} <span class="only-plain">${escaped(words.noScript)}</span></p>`,
    `<div class="wanted">${data.wanted.map((id) => figure(data, id)).join('')}<p>${escaped(words.lookHelp)}</p></div>`,
    `<ul class="drills">${rows.join('')}</ul>`,
    '<div class="grid"><table>',
    `<caption>${escaped(words.paperTick)}</caption>`,
    `<tr><th></th>${days.map(({ short }) => `<th scope="col">${escaped(short)}</th>`).join('')}</tr>`,
    ...[...doses.keys()].map(
      (key) =>
        `<tr><th scope="row">${escaped(drills[key]!.name)}</th>${days.map((day) => cell(key, day)).join('')}</tr>`,
    ),
    '</table></div>',
    ...(aids.length === 0
      ? []
      : [`<ul>${aids.map((aid) => `<li>${escaped(aid)}</li>`).join('')}</ul>`]),
    `<p class="caution">${escaped(words.caution)}</p>`,
    `<p class="parents">${escaped(words.parents)}</p>`,
    '</main>',
  ].join('\n');
}

/** How often and how long. */
export const doseWords = ({ words }: Pick<CardData, 'words'>, dose: CardDose): string =>
  dose.minutesATurn === 0
    ? words.within
    : fill(words.dose, { turns: dose.turns, minutes: dose.minutesATurn });
