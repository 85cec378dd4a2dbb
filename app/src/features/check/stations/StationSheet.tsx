import { useState, type ReactNode } from 'react';
import type { MeasureId, Tap } from '@open-palm/core/measure';
import { partsOf, type HandPart, type PartId } from '../../../assessment/stations/handParts';
import { PartScreen } from '../../../assessment/stations/PartScreen';
import type { StationAnswers, StationFacts } from '../../../assessment/stations/stationFacts';
import { fineSigns, fineTaps, stationsOf } from '../../../assessment/stations/stationPlan';
import { StationScreen } from './StationScreen';

/** The look without a camera: five stations, each one large drawn hand of which is touched what is not right. */
export function StationSheet({
  facts,
  answers,
  at,
  head,
  onAt,
  onAnswer,
  onMark,
  onTests,
  onBack,
  onDone,
}: {
  facts: StationFacts;
  answers: StationAnswers;
  /** Which station it is at. */
  at: number;
  /** What stands above the first station. */
  head: ReactNode;
  onAt: (at: number) => void;
  /** An answer, or null to take it back. */
  onAnswer: (measure: MeasureId, tap: Tap | null) => void;
  onMark: (signs: Readonly<Record<string, boolean | null>>) => void;
  onTests: () => void;
  onBack: () => void;
  onDone: () => void;
}) {
  const stations = stationsOf(facts.hold, facts.context, facts.level);
  const [touched, setTouched] = useState<PartId | null>(null);
  const station = stations[at]!;
  const parts = partsOf(station);
  const part = parts.find(({ id }) => id === touched);
  const back = () => setTouched(null);
  const { taps, seen } = answers;
  const step = (by: 1 | -1) => {
    if (by < 0) {
      if (at === 0) onBack();
      else onAt(at - 1);
    } else if (at + 1 < stations.length) onAt(at + 1);
    else onDone();
  };
  const common = {
    facts,
    answers,
    onMark: (sign: string, present: boolean | null) => onMark({ [sign]: present }),
  };
  if (part) {
    return (
      <PartScreen
        key={part.id}
        {...common}
        part={part}
        onAnswer={(measure, answer) => {
          onAnswer(measure, { measure, answer });
          back();
        }}
        onFine={() => {
          for (const measure of fineOf(part)) {
            onAnswer(measure, { measure, answer: { kind: 'fine' } });
          }
          back();
        }}
        onSkip={() => {
          for (const measure of [...part.judged, ...part.further]) onAnswer(measure, null);
          back();
        }}
        onBack={back}
      />
    );
  }
  return (
    <StationScreen
      key={station.id}
      {...common}
      station={station}
      parts={parts}
      place={{ number: at + 1, count: stations.length }}
      head={at === 0 ? head : null}
      onPart={setTouched}
      {...(station.id === 'relaxation' ? { onTests } : {})}
      onFine={(views) => {
        onMark(fineSigns(station, seen));
        for (const tap of fineTaps(station, taps, views)) onAnswer(tap.measure, tap);
        step(1);
      }}
      onStep={step}
    />
  );
}

/** What "looks fine" says of a part: all that the hold judges there, or what can be noted where it judges nothing. */
const fineOf = ({ judged, further }: HandPart) => (judged.length > 0 ? judged : further);
