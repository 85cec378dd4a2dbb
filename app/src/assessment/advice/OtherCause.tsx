import { useState } from 'react';
import { View } from 'react-native';
import { causesOf } from '@open-palm/core/judge';
import { Button } from '../../foundation/kit/Button';
import { Choice, Choices } from '../../foundation/kit/Choice';
import { space } from '../../foundation/kit/tokens';
import { WordField } from '../../foundation/kit/WordField';
import { strings } from '../../foundation/strings';
import type { RecommendationFacts } from './recommendationFacts';

const words = strings.verdictOverride;

/** How many of the likely ones are offered before all of them. */
const NEAREST = 4;

/** "I see it differently": the teacher puts another cause first, with one tap, and a word if they like. */
export function OtherCause({ facts, first }: { facts: RecommendationFacts; first: string | null }) {
  const { chosen, ranked, log, checkId } = facts;
  const [isOpen, setOpen] = useState(false);
  const [showsAll, setShowsAll] = useState(false);
  const [why, setWhy] = useState('');
  const now = chosen?.cause ?? first;
  const likely = ranked.map(({ cause }) => cause.id);
  const others = causesOf(facts.hold)
    .map(({ id }) => id)
    .filter((id) => !likely.includes(id));
  const offered = (showsAll ? [...likely, ...others] : likely.slice(0, NEAREST + 1)).filter(
    (id) => id !== now,
  );
  const choose = (cause: string, word: string | null) =>
    void log.add({ kind: 'cause', checkId, cause, instead: first, word });
  if (!isOpen) {
    return <Button label={words.cause} icon="eye-outline" onPress={() => setOpen(true)} />;
  }
  return (
    <View style={{ gap: space(2), paddingTop: space(2) }}>
      <Choices question={words.causeQuestion}>
        {offered.map((id) => (
          <Choice
            key={id}
            label={strings.causes[id] ?? id}
            chosen={false}
            onPress={() => {
              choose(id, null);
              setShowsAll(false);
            }}
          />
        ))}
        {showsAll ? null : (
          <Choice label={words.more} chosen={false} onPress={() => setShowsAll(true)} />
        )}
      </Choices>
      {chosen ? (
        <View style={{ gap: space(2) }}>
          <WordField label={words.why} value={why} onChange={setWhy} />
          <Button
            label={words.keep}
            onPress={() => {
              if (why.trim() !== '') choose(chosen.cause, why.trim());
              setOpen(false);
            }}
          />
        </View>
      ) : null}
    </View>
  );
}
