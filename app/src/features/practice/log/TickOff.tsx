import { format } from 'date-fns/format';
import { useState } from 'react';
import { Pressable, ScrollView, View } from 'react-native';
import type { PractisedTurn } from '@open-palm/contract';
import type { KeptPlan } from '@open-palm/records/practice';
import { Button } from '../../../foundation/kit/Button';
import { Text } from '../../../foundation/kit/Text';
import { useTokens } from '../../../foundation/kit/ThemeProvider';
import { space } from '../../../foundation/kit/tokens';
import { strings } from '../../../foundation/strings';

const words = strings.practice.log;

/** Turns by day and drill. */
type Ticks = Readonly<Record<string, number>>;
const keyOf = (on: string, drill: string) => `${on} ${drill}`;

/** A sheet of paper, or what a student tells, ticked off: a cell for each drill of a day, and a whole day at a tap. */
export function TickOff({
  plan,
  known,
  today,
  onTake,
}: {
  plan: KeptPlan;
  known: readonly PractisedTurn[];
  /** Days after it are still to come. */
  today: string;
  onTake: (turns: PractisedTurn[]) => void;
}) {
  const tokens = useTokens();
  const days = plan.days.filter(({ on, drills }) => on <= today && drills.length > 0);
  const drills = [...new Set(days.flatMap((day) => day.drills.map(({ drill }) => drill)))];
  const [ticks, setTicks] = useState<Ticks>(() => countsOf(known));
  const planned = (on: string, drill: string) =>
    days.find((day) => day.on === on)?.drills.find((one) => one.drill === drill);
  const tickDay = (on: string) => {
    const all = days.find((day) => day.on === on)!.drills;
    const isFull = all.every(({ drill, turns }) => (ticks[keyOf(on, drill)] ?? 0) >= turns);
    setTicks({
      ...ticks,
      ...Object.fromEntries(all.map(({ drill, turns }) => [keyOf(on, drill), isFull ? 0 : turns])),
    });
  };
  const cell = { width: 48, height: 48, alignItems: 'center', justifyContent: 'center' } as const;
  return (
    <View style={{ gap: space(2) }}>
      <Text variant="small" second>
        {words.paperHelp}
      </Text>
      <ScrollView horizontal>
        <View>
          <View style={{ flexDirection: 'row' }}>
            <View style={{ width: 124 }} />
            {days.map(({ on }) => (
              <Pressable
                key={on}
                role="button"
                aria-label={words.paperAll(format(new Date(`${on}T12:00:00`), 'EEEE d'))}
                onPress={() => tickDay(on)}
                style={cell}
              >
                <Text variant="label">{format(new Date(`${on}T12:00:00`), 'EEEEEE d')}</Text>
              </Pressable>
            ))}
          </View>
          {drills.map((drill) => (
            <View key={drill} style={{ flexDirection: 'row', alignItems: 'center' }}>
              <Text variant="small" style={{ width: 124 }}>
                {strings.drills[drill] ?? drill}
              </Text>
              {days.map(({ on }) => {
                const dose = planned(on, drill);
                if (!dose) return <View key={on} style={cell} />;
                const n = ticks[keyOf(on, drill)] ?? 0;
                return (
                  <Pressable
                    key={on}
                    role="button"
                    aria-label={words.cell(
                      strings.drills[drill] ?? drill,
                      format(new Date(`${on}T12:00:00`), 'EEEE d'),
                      n,
                      dose.turns,
                    )}
                    onPress={() =>
                      setTicks({ ...ticks, [keyOf(on, drill)]: (n + 1) % (dose.turns + 1) })
                    }
                    style={{
                      ...cell,
                      borderWidth: 1,
                      borderRadius: 10,
                      borderColor: n > 0 ? tokens.in : tokens.line,
                      backgroundColor: tokens.card,
                    }}
                  >
                    <Text variant={n > 0 ? 'strong' : 'small'} second={n === 0}>
                      {`${n}/${dose.turns}`}
                    </Text>
                  </Pressable>
                );
              })}
            </View>
          ))}
        </View>
      </ScrollView>
      <Button
        label={words.keep}
        primary
        onPress={() =>
          onTake(
            days.flatMap(({ on, drills: all }) =>
              all.flatMap(({ drill, stage, minutesATurn }) =>
                Array.from({ length: ticks[keyOf(on, drill)] ?? 0 }, (_, i) => ({
                  day: on,
                  drill,
                  stage,
                  turn: i + 1,
                  seconds: 60 * minutesATurn,
                  result: 'done' as const,
                })),
              ),
            ),
          )
        }
      />
    </View>
  );
}

/** How many turns are known already. */
function countsOf(turns: readonly PractisedTurn[]): Ticks {
  const counts: Record<string, number> = {};
  for (const { day, drill, turn, result } of turns) {
    if (result === 'hurt') continue;
    counts[keyOf(day, drill)] = Math.max(counts[keyOf(day, drill)] ?? 0, turn);
  }
  return counts;
}
