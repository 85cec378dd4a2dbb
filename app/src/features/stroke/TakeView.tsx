import { useMemo, useRef, useState } from 'react';
import { View } from 'react-native';
import type { Take } from '@open-palm/contract';
import { FINGERS_SEEN } from '@open-palm/contract/take';
import { writeStrokeCsv } from '@open-palm/contract/stroke';
import type { Hold } from '@open-palm/core/holds';
import { analyseStroke, strokeVerdicts } from '@open-palm/core/stroke';
import { RemoveButton } from '../../assessment/removal/RemoveButton';
import { Button } from '../../foundation/kit/Button';
import { Card } from '../../foundation/kit/Card';
import { Choice, Choices } from '../../foundation/kit/Choice';
import { Columns } from '../../foundation/kit/Columns';
import { saveFile } from '../../foundation/kit/saveFile';
import { StateMark } from '../../foundation/kit/StateMark';
import { Text } from '../../foundation/kit/Text';
import { space } from '../../foundation/kit/tokens';
import type { Skin } from '@open-palm/core/portrait/skins';
import { strokeWords } from '../../foundation/strings/stroke';
import { ClipScrub } from './clip/ClipScrub';
import { compareWords } from './compareWords';
import { CurveCard } from './CurveCard';
import { CutsCard } from './CutsCard';
import type { ShownClip } from './frames/MarkFrames';
import { PathPictures } from './PathPictures';
import { pathSentences } from './pathSentences';
import { readAt } from './readAt';
import { subjectOf } from './strokeLines';
import { StrokeNumbers } from './StrokeNumbers';
import { strokeMark, strokeSentences } from './strokeSentences';
import { WristPortraits } from './WristPortraits';

const words = strokeWords;

/** A take: what it says, its wrists and curves, its turns to be corrected, and another take beside it. */
export function TakeView({
  take,
  others,
  hold,
  skin,
  mirrored,
  clip,
  nameOf,
  isKept,
  onChange,
}: {
  take: Take;
  others: readonly Take[];
  hold: Hold;
  skin: Skin;
  mirrored: boolean;
  /** The clip it was read from, while it is at hand. */
  clip: ShownClip | null;
  nameOf: (take: Take) => string;
  /** Whether the studio has it already. */
  isKept: boolean;
  onChange: (take: Take) => void;
}) {
  const [cuts, setCuts] = useState(take.cuts);
  const latest = useRef(take.cuts);
  const [fingersSeen, setFingersSeen] = useState(take.fingersSeen);
  const [otherId, setOtherId] = useState<string | null>(null);
  const [timeS, setTimeS] = useState(take.series.timesS[0]!);
  const cursorS = clip ? timeS : undefined;
  const analysis = useMemo(
    () => analyseStroke(take.series, cuts ?? undefined),
    [take.series, cuts],
  );
  const subject = subjectOf(analysis);
  const comparable = others.filter(({ series }) => series.channels[subject] !== undefined);
  const other = others.find(({ id }) => id === otherId) ?? null;
  const otherAnalysis = useMemo(
    () => other && analyseStroke(other.series, other.cuts ?? undefined),
    [other],
  );
  const verdicts = strokeVerdicts(analysis, hold, fingersSeen);
  // A wrist that goes too far may do the fingers' work: from the side they are not seen by the program.
  const asksFingers = verdicts[0]?.code === 'tooWide' && analysis.fingers === null;
  const sentences = subject === 'bowSkew' ? pathSentences(analysis) : strokeSentences(verdicts);
  const isLater = other !== null && Date.parse(take.takenAt) >= Date.parse(other.takenAt);
  return (
    <Columns
      picture={
        <>
          {clip ? (
            <ClipScrub
              clip={clip}
              timeS={timeS}
              fromS={take.series.timesS[0]!}
              toS={take.series.timesS.at(-1)!}
              says={readAt(analysis, timeS)}
              onTime={setTimeS}
            />
          ) : null}
          <Card style={{ gap: space(2) }}>
            {subject === 'bowSkew' ? (
              <PathPictures skew={analysis.skew} mirrored={mirrored} />
            ) : (
              <WristPortraits wrists={analysis.means} skin={skin} mirrored={mirrored} />
            )}
            <View style={{ gap: space(1) }} role="status" aria-label={words.title}>
              {sentences.map((sentence, i) => (
                <View
                  key={sentence}
                  style={{ flexDirection: 'row', gap: space(2), alignItems: 'flex-start' }}
                >
                  {i === 0 && subject === 'wristFlexion' ? (
                    <StateMark state={strokeMark(verdicts)} />
                  ) : null}
                  <Text variant={i === 0 ? 'body' : 'small'} style={{ flex: 1 }}>
                    {sentence}
                  </Text>
                </View>
              ))}
            </View>
            {asksFingers ? (
              <Choices question={words.fingers.question}>
                {FINGERS_SEEN.map((seen) => (
                  <Choice
                    key={seen}
                    label={words.fingers[seen]}
                    chosen={fingersSeen === seen}
                    onPress={() => {
                      setFingersSeen(seen);
                      onChange({ ...take, cuts, fingersSeen: seen });
                    }}
                  />
                ))}
              </Choices>
            ) : null}
          </Card>
          <CurveCard analysis={analysis} other={otherAnalysis} hold={hold} cursorS={cursorS} />
        </>
      }
    >
      {take.source === 'stills' ? null : (
        <CutsCard
          analysis={analysis}
          corrected={cuts !== null}
          cursorS={cursorS}
          onCuts={(moved) => {
            latest.current = moved && [...moved];
            setCuts(latest.current);
          }}
          onDone={() => onChange({ ...take, cuts: latest.current, fingersSeen })}
        />
      )}
      {subject === 'wristFlexion' && comparable.length > 0 ? (
        <Card style={{ gap: space(2) }}>
          <Text variant="strong" level={2}>
            {words.compare.title}
          </Text>
          <Choices question={words.compare.with}>
            <Choice
              label={words.compare.none}
              chosen={other === null}
              onPress={() => setOtherId(null)}
            />
            {comparable.map((one) => (
              <Choice
                key={one.id}
                label={nameOf(one)}
                chosen={one.id === otherId}
                onPress={() => setOtherId(one.id)}
              />
            ))}
          </Choices>
          {otherAnalysis
            ? compareWords(
                isLater ? otherAnalysis : analysis,
                isLater ? analysis : otherAnalysis,
              ).map((sentence) => <Text key={sentence}>{sentence}</Text>)
            : null}
        </Card>
      ) : null}
      <StrokeNumbers analysis={analysis} />
      <Button
        label={words.saveFile}
        icon="download"
        onPress={() =>
          saveFile(
            new Blob([writeStrokeCsv(take.series)], { type: 'text/csv' }),
            `stroke-${take.takenAt.slice(0, 10)}.csv`,
          )
        }
      />
      {isKept ? <RemoveButton removal={{ kind: 'take', ofId: take.id }} /> : null}
    </Columns>
  );
}
