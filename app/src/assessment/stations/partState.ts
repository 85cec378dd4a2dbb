import type { SeenSigns } from '@open-palm/contract';
import { tapMeasure, type Tap } from '@open-palm/core/measure';
import { verdictMark, type MarkState } from '../../foundation/kit/StateMark';
import { strings } from '../../foundation/strings';
import { tapWords } from '../../foundation/strings/measureWords';
import type { HandPart } from './handParts';
import type { StationFacts } from './stationFacts';

/** How a part stands in this look so far. */
export interface PartState {
  mark: MarkState;
  /** What was answered, in words; nothing where it was not touched. */
  words: string;
  isTouched: boolean;
}

const WORST_FIRST: readonly MarkState[] = ['out', 'unsure', 'in', 'none'];

/** The worst of what was answered of a part; not looked at until something is. */
export function partState(
  { judged, further, signs }: HandPart,
  taps: readonly Tap[],
  seen: SeenSigns,
  { hold, context }: StationFacts,
  watching: boolean,
): PartState {
  const answered = [...judged, ...further].flatMap(
    (id) => taps.find(({ measure }) => measure === id) ?? [],
  );
  const marked = signs.filter((sign) => seen[sign]);
  const marks = [
    ...answered.map((tap) => verdictMark(tapMeasure(tap, hold, context).verdict)),
    ...(marked.length > 0 ? (['out'] as const) : []),
  ];
  const isTouched = marks.length > 0;
  const worst = WORST_FIRST.find((mark) => marks.includes(mark)) ?? 'notSeen';
  const told = answered.filter(({ answer }) => answer.kind !== 'fine');
  return {
    mark: isTouched && watching ? 'none' : worst,
    words: [
      ...(told.length > 0 || !isTouched || marked.length > 0 ? told : answered.slice(0, 1)).map(
        tapWords,
      ),
      ...marked.map((sign) => strings.signs[sign] ?? sign),
    ].join(' · '),
    isTouched,
  };
}
