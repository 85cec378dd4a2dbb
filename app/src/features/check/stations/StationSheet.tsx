import { useState } from 'react';
import type { SeenSigns, SkinTone } from '@open-palm/contract';
import type { BowSize } from '@open-palm/core/bow';
import type { Hold } from '@open-palm/core/holds';
import type { Context, MeasureId, Side, Tap, TapAnswer } from '@open-palm/core/measure';
import type { Level } from '@open-palm/core/practice';
import { fineSigns, fineTaps, nextQuestion, stationsOf } from './stationPlan';
import { StationOverview } from './StationOverview';
import { StationQuestion } from './StationQuestion';

/** The look without a camera: five stations, each answered with one tap, or checkpoint by checkpoint. */
export function StationSheet({
  hold,
  bowSize,
  side,
  skinTone,
  context,
  level,
  taps,
  seen,
  watching,
  at,
  onAt,
  onAnswer,
  onMark,
  onTests,
  onBack,
  onDone,
}: {
  /** As it is meant for the student. */
  hold: Hold;
  bowSize: BowSize;
  side: Side;
  skinTone: SkinTone;
  context: Context;
  level: Level;
  taps: readonly Tap[];
  seen: SeenSigns;
  /** Shows no verdict of what was answered. */
  watching: boolean;
  /** Which station it is at. */
  at: number;
  onAt: (at: number) => void;
  /** An answer, or null to take it back. */
  onAnswer: (measure: MeasureId, tap: Tap | null) => void;
  onMark: (signs: Readonly<Record<string, boolean | null>>) => void;
  onTests: () => void;
  onBack: () => void;
  onDone: () => void;
}) {
  const stations = stationsOf(hold, context, level);
  const [asking, setAsking] = useState<MeasureId | null>(null);
  const station = stations[at]!;
  const toNextStation = () => {
    setAsking(null);
    if (at + 1 < stations.length) onAt(at + 1);
    else onDone();
  };
  if (asking !== null) {
    const goOn = () => setAsking(nextQuestion(station, taps, asking));
    return (
      <StationQuestion
        // Each question begins with its own answer, not with that of the one before.
        key={asking}
        measure={asking}
        hold={hold}
        side={side}
        skinTone={skinTone}
        answer={taps.find((tap) => tap.measure === asking)?.answer ?? null}
        onAnswer={(answer: TapAnswer) => {
          onAnswer(asking, { measure: asking, answer });
          goOn();
        }}
        onSkip={() => {
          onAnswer(asking, null);
          goOn();
        }}
        onBack={() => setAsking(null)}
      />
    );
  }
  return (
    <StationOverview
      key={station.id}
      station={station}
      number={at + 1}
      count={stations.length}
      hold={hold}
      bowSize={bowSize}
      side={side}
      skinTone={skinTone}
      context={context}
      taps={taps}
      seen={seen}
      watching={watching}
      onMark={(sign, present) => onMark({ [sign]: present })}
      onTests={onTests}
      onAsk={setAsking}
      onFine={() => {
        onMark(fineSigns(station, seen));
        for (const tap of fineTaps(station, taps)) onAnswer(tap.measure, tap);
        toNextStation();
      }}
      onNext={toNextStation}
      onBack={at === 0 ? onBack : () => onAt(at - 1)}
    />
  );
}
