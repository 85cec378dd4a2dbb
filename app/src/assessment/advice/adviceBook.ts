import { adaptHold, HOLD_IDS, holdById, type Hold } from '@open-palm/core/holds';
import {
  advise,
  causesOf,
  infer,
  NUMBERS,
  signsOf,
  type Advice,
  type Finding,
} from '@open-palm/core/judge';
import { strings } from '../../foundation/strings';
import { listWords } from '../../foundation/strings/listWords';
import { drillWords } from './drillWords';
import { signSentence, signText } from './signWords';
import { saidFirst, whyWords } from './whyWords';

/** So many pairs of signs a hold are told: those that come together most often. */
const PAIRS = 60;

/** In the book everything is looked at while it plays: there a question may be asked about anything. */
const CONTEXT = 'playing-start';

/** What the app says of every sign that a hold can show, and of the commonest pairs, in the words of the interface. */
export function adviceBook(): string {
  const holds = HOLD_IDS.map((id) => adaptHold(holdById(id), {}, { bow: 1, hand: 1 }));
  const single = holds.flatMap((hold) =>
    signsOf(hold).map(({ id }) => entryOf(hold, [id], { asks: true, praises: true })),
  );
  const pairs = holds.flatMap((hold) =>
    commonestPairs(hold).map((pair) => entryOf(hold, pair, { asks: false, praises: false })),
  );
  return [
    '# The advice book',
    '',
    'What Open Palm says, hold by hold, in the words of the interface: for every sign that a hold can show, alone, and for the',
    `${PAIRS} commonest pairs of each hold. Written by \`npm run advice\`; a test keeps it up to date. Whoever changes the signs, causes or`,
    'cues reads it from end to end: every line must be something that a good teacher of that instrument could say.',
    '',
    '## One sign alone',
    '',
    ...together(single),
    '## Two signs together',
    '',
    ...together(pairs),
  ].join('\n');
}

interface Entry {
  hold: string;
  title: string;
  lines: string[];
}

function entryOf(
  hold: Hold,
  signs: readonly string[],
  { asks, praises }: { asks: boolean; praises: boolean },
): Entry {
  const findings: Finding[] = signs.map((sign) => ({ sign, present: true, group: sign }));
  const advice = advise(findings, { hold, context: CONTEXT, asks });
  const { bow } = hold;
  return {
    hold: strings.holds[hold.id] ?? hold.id,
    title: capital(listWords(signs.map((sign) => signText(sign, bow)))),
    lines: [
      ...linesOf(advice, hold),
      ...(praises
        ? [`Where it is not there: ${strings.holdsWell(strings.aspects[signs[0]!]!)}`]
        : []),
    ],
  };
}

function linesOf(advice: Advice, { bow }: Hold): string[] {
  const words = strings.workOn;
  const lines = advice.contradictions.map(({ signs: [one, other] }) =>
    strings.which.both(signText(one, bow), signText(other, bow)),
  );
  if (advice.kind === 'minor') return [...lines, words.minor];
  if (advice.kind !== 'toWorkOn') return lines;
  for (const point of advice.points) {
    const why = whyWords(point);
    lines.push(
      `**${signSentence(saidFirst(point), bow)}**${why ? ` ${why}` : ''} ${words.say}: ${point.cues
        .map((cue) => `“${strings.cues[cue]}”`)
        .join(' · ')}`,
    );
    if (point.drills.length > 0) {
      lines.push(words.drills(drillWords(point.drills, ' · ')));
    }
  }
  if (advice.ask) lines.push(strings.askOne.question(signText(advice.ask.sign, bow)));
  return lines;
}

/** The pairs of signs that are most probable together before anything is known, by the network itself. */
function commonestPairs(hold: Hold): [string, string][] {
  const causes = causesOf(hold);
  const linksOf = (sign: string) =>
    causes.map((cause) => {
      const rank = cause.signs.find((link) => link.sign === sign)?.rank;
      return rank === undefined ? 0 : NUMBERS.linkByRank[rank - 1]!;
    });
  const priors = causes.map(({ commonestOn }) =>
    commonestOn?.includes(hold.bow) ? NUMBERS.priorOfCommonest : NUMBERS.prior,
  );
  const signs = signsOf(hold).map(({ id }) => ({ id, links: linksOf(id) }));
  return signs
    .flatMap((one, i) =>
      signs.slice(i + 1).map((other) => ({
        pair: [one.id, other.id] as [string, string],
        p: infer({
          priors,
          leak: NUMBERS.leak,
          present: [one.links, other.links],
          absent: [],
        }).evidence,
      })),
    )
    .sort((a, b) => b.p - a.p)
    .slice(0, PAIRS)
    .map(({ pair }) => pair);
}

/** Entries that say the same of several holds stand together. */
function together(entries: readonly Entry[]): string[] {
  const holdsOf = new Map<string, { entry: Entry; holds: string[] }>();
  for (const entry of entries) {
    const key = [entry.title, ...entry.lines].join('\n');
    const known = holdsOf.get(key);
    if (known) known.holds.push(entry.hold);
    else holdsOf.set(key, { entry, holds: [entry.hold] });
  }
  const byTitle = new Map<string, { lines: string[]; holds: string[] }[]>();
  for (const { entry, holds } of holdsOf.values()) {
    byTitle.set(entry.title, [...(byTitle.get(entry.title) ?? []), { lines: entry.lines, holds }]);
  }
  return [...byTitle].flatMap(([title, kinds]) => [
    `### ${title}`,
    '',
    ...kinds.flatMap(({ lines, holds }) => [
      `_${holds.join(' · ')}_`,
      '',
      ...lines.map((line) => `- ${line}`),
      '',
    ]),
  ]);
}

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);
