import { useState, type ReactElement } from 'react';
import { View } from 'react-native';
import type { Hold } from '@open-palm/core/holds';
import type { KnownDrill, PlanWishes } from '@open-palm/records/practice';
import type { WantedHand } from '../../../drawing/portrait/WantedGrip';
import { Card } from '../../../foundation/kit/Card';
import { space } from '../../../foundation/kit/tokens';
import { DragLine, DropDays } from './DragDrill';
import { DrillLine } from './DrillLine';
import { DrillOptions } from './DrillOptions';
import { daysWords, PhaseHead, shortDay } from './PhaseHead';
import type { PlanPhase } from './planPhases';
import { isSettled, type DrillWish } from './wishes';

/** Days with the same drills, and the drills. */
export function PhaseCard({
  phase: { phase, days, drills, minutes },
  phases,
  wishes,
  known,
  hold,
  side,
  skinTone,
  onWish,
  onSwap,
}: Pick<WantedHand, 'side' | 'skinTone'> & {
  phase: PlanPhase;
  phases: readonly PlanPhase[];
  wishes: PlanWishes;
  known: Readonly<Record<string, KnownDrill>>;
  hold: Hold;
  onWish: (wish: DrillWish) => void;
  onSwap: (drill: string) => void;
}) {
  const [open, setOpen] = useState<string | null>(null);
  const wish = (one: DrillWish) => {
    setOpen(null);
    onWish(one);
  };
  // With days of one kind only there is nowhere to drag a drill to.
  const carried = (drill: string, line: ReactElement) =>
    phases.length < 2 ? (
      line
    ) : (
      <DragLine phase={phase} drill={drill}>
        {line}
      </DragLine>
    );
  return (
    <DropDays phase={phase}>
      <Card style={{ gap: space(3) }}>
        <PhaseHead days={days} minutes={minutes} />
        {drills.map((planned) => (
          <View key={planned.drill} style={{ gap: space(2) }}>
            {carried(
              planned.drill,
              <DrillLine
                planned={planned}
                onlyOn={
                  planned.days.length < days.length ? planned.days.map(shortDay).join(', ') : null
                }
                learned={known[planned.drill]?.learned.says ?? null}
                isLocked={isSettled(wishes, planned.drill)}
                hold={hold}
                side={side}
                skinTone={skinTone}
                onLock={() =>
                  wish({
                    kind: isSettled(wishes, planned.drill) ? 'unlock' : 'lock',
                    drill: planned.drill,
                  })
                }
                onOptions={() => setOpen(open === planned.drill ? null : planned.drill)}
              />,
            )}
            {open === planned.drill ? (
              <DrillOptions
                planned={planned}
                phases={phases.map((one) => daysWords(one.days))}
                inPhase={phase}
                isMoved={planned.drill in wishes.moved}
                onWish={wish}
                onSwap={() => {
                  setOpen(null);
                  onSwap(planned.drill);
                }}
                onClose={() => setOpen(null)}
              />
            ) : null}
          </View>
        ))}
      </Card>
    </DropDays>
  );
}
