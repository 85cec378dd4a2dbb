import { useState } from 'react';
import { View } from 'react-native';
import type { LogEntryOf, OwnCue } from '@open-palm/contract';
import { Button } from '../../foundation/kit/Button';
import { Text } from '../../foundation/kit/Text';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { space } from '../../foundation/kit/tokens';
import { WordField } from '../../foundation/kit/WordField';
import { strings } from '../../foundation/strings';
import { CueEffect } from './CueEffect';
import { CueFigure } from './CueFigure';
import { ladderPlace, type Ladder } from './lesson';
import type { RecommendationFacts } from './recommendationFacts';

const words = strings.cueTry;

const OUTCOMES = ['worked', 'notYet', 'skip'] as const;
const GLANCED = ['worked', 'notYet'] as const;

/** A cue's words: shipped ones by their id, the teacher's own as they were written. */
export const cueWords = (cue: string, ownCues: readonly OwnCue[]): string =>
  strings.cues[cue] ?? ownCues.find(({ id }) => id === cue)?.words ?? cue;

/** The cue to say now, with what came of it in one tap; then the next one of the ladder. */
export function CueTry({
  ladder,
  facts,
  glance = false,
}: {
  ladder: Ladder;
  facts: RecommendationFacts;
  /** The sentence and what came of it, nothing more. */
  glance?: boolean;
}) {
  const tokens = useTokens();
  const { cause, sign } = ladder;
  const { student, checkId, log } = facts;
  const { cue, worked, lastTried } = ladderPlace(ladder, log.entries, log.ownCues, checkId);
  const [ownWords, setOwnWords] = useState<string | null>(null);
  const say = cue === null ? null : cueWords(cue, log.ownCues);
  const tell = (outcome: LogEntryOf<'cue'>['outcome']) =>
    void log.add({ kind: 'cue', checkId, cause, ...(sign ? { sign } : {}), cue: cue!, outcome });
  const keepOwn = () => {
    const text = (ownWords ?? '').trim();
    setOwnWords(null);
    if (text !== '') {
      void log.add({ kind: 'ownCue', cause, ...(sign ? { sign } : {}), words: text });
    }
  };
  return (
    <View
      style={{
        backgroundColor: tokens.amberGround,
        borderRadius: space(2),
        padding: space(3),
        gap: space(2),
      }}
    >
      <View style={{ flexDirection: 'row', gap: space(3), alignItems: 'center' }}>
        <View style={{ flex: 1, gap: space(1) }}>
          <Text variant="label" color={tokens.amberInk}>
            {strings.workOn.say}
          </Text>
          <Text>{say ?? words.allTried}</Text>
        </View>
        {cue === null ? null : <CueFigure cue={cue} hold={facts.hold} student={student} />}
      </View>
      {worked ? <CueEffect key={worked.id} of={worked} log={log} /> : null}
      {say !== null && worked === null ? (
        <View style={{ flexDirection: 'row', gap: space(2) }}>
          {(glance ? GLANCED : OUTCOMES).map((outcome) => (
            <Button
              key={outcome}
              label={words[outcome]}
              accessibilityLabel={words.did(words[outcome], say)}
              onPress={() => tell(outcome)}
              compact
              style={{ flex: outcome === 'skip' ? 0.7 : 1 }}
            />
          ))}
        </View>
      ) : null}
      {lastTried && worked === null ? (
        <CueEffect key={lastTried.id} of={lastTried} log={log} />
      ) : null}
      {ownWords === null ? (
        worked || glance ? null : (
          <Button label={words.ownWords} icon="pencil-outline" onPress={() => setOwnWords('')} />
        )
      ) : (
        <View style={{ gap: space(2) }}>
          <WordField label={words.ownLabel} value={ownWords} onChange={setOwnWords} />
          <Button label={words.keep} onPress={keepOwn} />
        </View>
      )}
    </View>
  );
}
