import { Pressable, View } from 'react-native';
import { FAMILIES, type Family } from '@open-palm/core/measure';
import { Text } from '../../foundation/kit/Text';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { RADIUS, space } from '../../foundation/kit/tokens';
import { strings } from '../../foundation/strings';
import { progressWords } from '../../foundation/strings/progress';
import { familyWords } from './changeWords';
import type { Followed } from './followed';
import { TimeChart } from './TimeChart';
import { familyPoints } from './progressPoints';

/** The four families over the weeks, small and side by side; a touch opens one. */
export function FamilyCharts({
  followed,
  now,
  chosen,
  onChoose,
  cursors,
}: {
  followed: Followed;
  now: Date;
  chosen?: Family | null;
  onChoose: (family: Family) => void;
  cursors?: readonly number[];
}) {
  const tokens = useTokens();
  const span = spanOf(followed, now);
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: space(2) }}>
      {FAMILIES.map((family) => {
        const points = familyPoints(followed.checks, family);
        const words = familyWords(followed, family, now);
        return (
          <Pressable
            key={family}
            role="button"
            aria-label={`${progressWords.openFamily(strings.families[family])}. ${words}`}
            onPress={() => onChoose(family)}
            style={{
              flexGrow: 1,
              flexBasis: '46%',
              padding: space(2),
              gap: space(1),
              borderRadius: RADIUS - 4,
              borderWidth: chosen === family ? 2 : 1,
              margin: chosen === family ? 0 : 1,
              borderColor: chosen === family ? tokens.ink : tokens.line,
              backgroundColor: tokens.card,
            }}
          >
            <Text variant="strong">{strings.families[family]}</Text>
            {points.length > 0 ? (
              <TimeChart
                small
                label={progressWords.family(strings.families[family])}
                points={points}
                span={span}
                axis={{ above: progressWords.inside, below: progressWords.outside }}
                restarts={restartLines(followed)}
                {...driftFrom(followed, family)}
                {...(cursors ? { cursors } : {})}
              />
            ) : null}
            <Text variant="small" second>
              {words}
            </Text>
          </Pressable>
        );
      })}
    </View>
  );
}

const DAY_MS = 86_400_000;

/** From the first look to now; at least a week, so that one look is not an axis without length. */
export function spanOf({ checks }: Followed, now: Date): readonly [number, number] {
  const until = Math.max(now.getTime(), ...checks.map(({ at }) => at));
  const from = Math.min(until - 7 * DAY_MS, ...checks.map(({ at }) => at));
  return [from, until];
}

/** Planned changes as lines of a chart. */
export const restartLines = ({ restarts }: Followed) =>
  restarts.map(({ day, why }) => ({ at: day * DAY_MS, word: progressWords.restart[why] }));

/** Since when a series drifts, if it does. */
export function driftFrom({ standing }: Followed, series: string): { driftFrom?: number } {
  const drift = standing.drifts.find((one) => one.series === series);
  return drift ? { driftFrom: drift.sinceDay * DAY_MS } : {};
}
