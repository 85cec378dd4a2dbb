import { View } from 'react-native';
import type { LogEntryOf } from '@open-palm/contract';
import { CAUSES, chosenPoint, NUMBERS, type Point } from '@open-palm/core/judge';
import { Text } from '../../foundation/kit/Text';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { space } from '../../foundation/kit/tokens';
import { strings } from '../../foundation/strings';
import { CueTry } from './CueTry';
import { drillWords } from './drillWords';
import type { RecommendationFacts } from './recommendationFacts';
import { signSentence, signWords } from './signWords';
import { causeText, saidFirst, whyWords } from './whyWords';

const words = strings.workOn;

/**
 * One thing to work on: what was seen, why probably, the cue to say now, what to practise. Without a point it is what the
 * teacher chose.
 */
export function Recommendation({
  facts,
  point,
  isFirst,
  glance = false,
  others,
}: {
  facts: RecommendationFacts;
  point: Point | null;
  isFirst: boolean;
  /** What was seen and the sentence to say, nothing more. */
  glance?: boolean;
  /** Signs that the other things answer. */
  others: readonly string[];
}) {
  const tokens = useTokens();
  const { hold, chosen, ranked } = facts;
  const mine = point ?? chosenOf(facts);
  if (!mine) return null;
  const { signs, cues, drills } = mine;
  const cause = point
    ? (point.cause?.cause ?? null)
    : CAUSES.find(({ id }) => id === chosen?.cause)!;
  const leaves = (ranked.find((one) => one.cause === cause)?.leaves ?? []).filter(
    (sign) => !others.includes(sign),
  );
  const heading = point ? signSentence(saidFirst(point), hold.bow) : causeText(cause!.id);
  const why = point && whyWords(point);
  return (
    <View
      style={{
        gap: space(1),
        ...(isFirst ? {} : { borderTopWidth: 1, borderColor: tokens.line, paddingTop: space(3) }),
      }}
    >
      <Text variant={isFirst ? 'heading' : 'figure'}>{heading}</Text>
      {why === null || glance ? null : <Text>{why}</Text>}
      {point ? null : <YourEye chosen={chosen!} />}
      {!point && signs.length > 0 && !glance ? (
        <Text variant="small">{words.because(signWords(signs, hold.bow))}</Text>
      ) : null}
      {isFirst && leaves.length > 0 && !glance ? (
        <Text variant="small" second>
          {words.leaves(signWords(leaves, hold.bow))}
        </Text>
      ) : null}
      <CueTry
        ladder={{ cues, cause: cause?.id ?? null, ...(cause ? {} : { sign: signs[0] }) }}
        facts={facts}
        glance={glance}
      />
      {drills.length > 0 && !glance ? (
        <Text variant="small" second>
          {words.drills(drillWords(drills, ' · '))}
        </Text>
      ) : null}
    </View>
  );
}

/** The teacher's own choice as a thing to work on. */
function chosenOf({ hold, context, chosen, ranked }: RecommendationFacts) {
  const cause = CAUSES.find(({ id }) => id === chosen?.cause);
  if (!cause) return null;
  const known = ranked.find((one) => one.cause.id === cause.id) ?? null;
  return chosenPoint(cause, known, { hold, context, numbers: NUMBERS });
}

function YourEye({ chosen: { instead, word } }: { chosen: LogEntryOf<'cause'> }) {
  return (
    <Text variant="small" second>
      {[
        strings.verdictOverride.chosen,
        ...(instead === null ? [] : [strings.verdictOverride.instead(causeText(instead))]),
        ...(word === null ? [] : [strings.verdictOverride.because(word)]),
      ].join(' ')}
    </Text>
  );
}
