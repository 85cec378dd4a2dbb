import { RIGHT, type BowCase } from './bowCases';
import { table } from './pageTable';

const percent = (n: number, of: number) => (of === 0 ? '–' : `${((100 * n) / of).toFixed(0)} %`);

const isAxisRight = ({ axis }: BowCase) =>
  axis !== null && axis.deg <= RIGHT.axisDeg && axis.mm <= RIGHT.axisMm;
const isFrogRight = ({ frogMm }: BowCase) => frogMm !== null && frogMm <= RIGHT.frogMm;
const isWrong = (one: BowCase) =>
  one.outcome === 'offered' && (!isAxisRight(one) || (one.frogMm !== null && !isFrogRight(one)));

/** The part of docs/accuracy.md about the bow that is guessed in a picture, from what was measured. */
export function bowPage(cases: readonly BowCase[]): string {
  const views = [...new Set(cases.map(({ view }) => view))];
  const count = (some: readonly BowCase[], is: (one: BowCase) => boolean) => some.filter(is).length;
  const rows = [...views, null].map((view) => {
    const of = cases.filter((one) => view === null || one.view === view);
    const offered = count(of, ({ outcome }) => outcome === 'offered');
    const frogs = count(of, ({ frogMm }) => frogMm !== null);
    return [
      view === null ? 'all' : `\`${view}\``,
      String(of.length),
      String(count(of, ({ outcome }) => outcome === 'notLookedFor')),
      String(count(of, ({ outcome }) => outcome === 'noHand')),
      String(offered),
      `${count(of, isAxisRight)} (${percent(count(of, isAxisRight), offered)})`,
      frogs === 0 ? '–' : `${count(of, isFrogRight)} of ${frogs}`,
      String(count(of, isWrong)),
    ];
  });
  const wrong = count(cases, isWrong);
  const axisWrong = count(cases, (one) => one.outcome === 'offered' && !isAxisRight(one));
  const asked = cases.filter(({ seenView }) => seenView !== undefined);
  const worstFrog = Math.max(...cases.map(({ frogMm }) => frogMm ?? 0));
  const could = count(cases, ({ outcome }) => outcome === 'offered' || outcome === 'silent');
  return `# How well the bow finds itself

The demo's own pictures and those of the next part. The bow is looked for where a hand was found, from three views: in profile the
stick points at the camera, and a hand from below does not reach across it. From the player's eye the frog is behind the hand: the stick alone is
offered. An axis is right within ${RIGHT.axisDeg}° and ${RIGHT.axisMm} mm, a frog when both ends are within ${RIGHT.frogMm} mm. Nothing counts before a person has
called it right.

${table(['View', 'Pictures', 'Not looked for', 'No hand', 'Offered', 'Axis right', 'Frog right', 'Wrong'], rows)}

Of the ${could} pictures with a found hand in which it is looked for the axis is offered and right in ${percent(count(cases, isAxisRight), could)}, of all ${cases.length} in ${percent(count(cases, isAxisRight), cases.length)}. Offered and wrong are
${wrong} of ${cases.length} (${((100 * wrong) / cases.length).toFixed(1)} %), in the axis ${axisWrong} (${((100 * axisWrong) / cases.length).toFixed(1)} %). The worst frog is off by ${worstFrog.toFixed(1)} mm. The constants were tuned on other pictures (another seed), not on these.

## The view by the found hand

Of ${asked.length} found hands of holds from above the view was recognised in ${count(asked, ({ seenView, view }) => seenView === view)}, left open in ${count(asked, ({ seenView }) => seenView === null)}, and taken for another in ${count(asked, ({ seenView, view }) => seenView !== null && seenView !== view)}. The usual shapes are those of other pictures.
`;
}
