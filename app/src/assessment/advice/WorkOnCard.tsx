import { useMemo, useState, type ReactNode } from 'react';
import { View } from 'react-native';
import type { SeenSigns, Student } from '@open-palm/contract';
import { openPainFlags } from '@open-palm/records/log';
import type { Hold } from '@open-palm/core/holds';
import {
  ageBandOf,
  signsSinceStart,
  sinceStart,
  type Advice,
  type Finding,
} from '@open-palm/core/judge';
import type { Context } from '@open-palm/core/measure';
import { studioNow } from '../../foundation/api/clock';
import type { LessonLog } from '../../foundation/api/lessonLog';
import { Button } from '../../foundation/kit/Button';
import { Card } from '../../foundation/kit/Card';
import { StateMark } from '../../foundation/kit/StateMark';
import { Text } from '../../foundation/kit/Text';
import { space } from '../../foundation/kit/tokens';
import { strings } from '../../foundation/strings';
import { AdviceFailed } from './AdviceFailed';
import { AskOne } from './AskOne';
import { AskWhich } from './AskWhich';
import {
  askedToday,
  chosenCause,
  findingsOfLesson,
  historyBefore,
  type SeenMeasure,
} from './lesson';
import { OtherCause } from './OtherCause';
import { aspectWords, signSentence, signWords } from './signWords';
import { Recommendation } from './Recommendation';
import type { RecommendationFacts } from './recommendationFacts';
import { useAdvice } from './useAdvice';

const words = strings.workOn;

/** About as high as what is said at a glance, px. */
const GLANCE_ROOM = 300;

/** What advice rests on. */
export interface WorkOnFacts {
  measures: readonly SeenMeasure[];
  signs: SeenSigns;
  hold: Hold;
  student: Student;
  /** The look in which cues are tried now, and what the bow did in it. */
  checkId: string;
  context: Context;
  log: LessonLog;
  /** What was found at the start of the same lesson, where this is its end. */
  start?: readonly Finding[] | null;
  /** Only watching: what was seen is listed, nothing is corrected. */
  watches?: boolean;
  /** The first thing and its sentence alone; why, and what else there is, a tap away. */
  glance?: boolean;
}

/** What to work on first: at most two things, what was seen, why, and what to say; or that there is nothing to fix. */
export function WorkOnCard({
  onWhich,
  onAnswer,
  ...judged
}: WorkOnFacts & {
  /** Settles which of two signs that cannot both be was seen; without it they are only told. */
  onWhich?: (saw: string, not: string) => void;
  /** Puts an answer into the look that is under way; without it the answer is noted beside the kept look. */
  onAnswer?: (sign: string, seen: boolean) => void;
}) {
  const { measures, signs, hold, student, checkId, context, log, start = null, watches } = judged;
  const found = useMemo(
    () => findingsOfLesson(measures, signs, log.entries, hold),
    [measures, signs, log.entries, hold],
  );
  const findings = useMemo(() => (start ? sinceStart(start, found) : found), [start, found]);
  const history = useMemo(() => historyBefore(log.entries, checkId), [log.entries, checkId]);
  const { isAsked, answered } = askedToday(log.entries, checkId, studioNow());
  const { advice, isFailed, again } = useAdvice(findings, {
    hold,
    context,
    student: { history, age: ageBandOf(student.birthYear, studioNow().getFullYear()) },
    level: student.level,
    hurts: openPainFlags(log.entries).length > 0,
    watches: watches ?? false,
    asks: !isAsked,
    answered,
  });
  if (isFailed) return <AdviceFailed onAgain={again} />;
  // At a glance what is below it does not jump once it is here.
  if (advice === null) return judged.glance ? <View style={{ minHeight: GLANCE_ROOM }} /> : null;
  const { contradictions } = advice;
  const answer = (sign: string, seen: boolean | null) => {
    if (seen !== null) onAnswer?.(sign, seen);
    void log.add({ kind: 'answer', checkId, sign, seen });
  };
  return (
    <>
      {advice.kind === 'rest'
        ? null
        : contradictions.map(({ signs: pair }) => (
            <AskWhich
              key={pair.join()}
              pair={pair}
              bow={hold.bow}
              {...(onWhich ? { onWhich } : {})}
            />
          ))}
      {start && advice.kind !== 'rest' ? (
        <SinceStart cameUp={signsSinceStart(start, found)} hold={hold} />
      ) : null}
      {/* While two marks contradict each other, nobody can say that nothing is wrong. */}
      {contradictions.length > 0 && advice.kind !== 'toWorkOn' ? null : (
        <Outcome advice={advice} {...judged} />
      )}
      {advice.kind === 'toWorkOn' && advice.ask ? (
        <AskOne
          sign={advice.ask.sign}
          hold={hold}
          student={student}
          onAnswer={(seen) => answer(advice.ask!.sign, seen)}
        />
      ) : null}
    </>
  );
}

function Outcome({
  advice,
  hold,
  student,
  checkId,
  context,
  log,
  glance = false,
}: WorkOnFacts & { advice: Advice }): ReactNode {
  const [isWhole, setWhole] = useState(!glance);
  const chosen = chosenCause(log.entries, checkId);
  switch (advice.kind) {
    case 'nothingSeen':
      return null;
    case 'rest':
      return (
        <Card style={{ gap: space(2) }}>
          <Text variant="heading">{words.rest}</Text>
          <Text>{words.restHelp}</Text>
        </Card>
      );
    case 'watched':
      return (
        <Card style={{ gap: space(2) }}>
          <Text variant="label" second>
            {words.watched}
          </Text>
          <Text>{signSentence(advice.signs, hold.bow)}</Text>
          <Text variant="small" second>
            {words.watchedHelp}
          </Text>
          <HoldsWell absent={advice.holds} present={advice.signs} />
        </Card>
      );
    default:
      break;
  }
  const toWorkOn = advice.kind === 'toWorkOn' ? advice : null;
  const facts: RecommendationFacts = {
    hold,
    context,
    student,
    checkId,
    log,
    chosen,
    ranked: toWorkOn?.ranked ?? [],
  };
  const points = (toWorkOn?.points ?? []).filter(
    ({ cause }) => chosen === null || cause?.cause.id !== chosen.cause,
  );
  const all = chosen === null ? points : [null, ...points.slice(0, 1)];
  const shown = isWhole ? all : all.slice(0, 1);
  const present = [
    ...new Set([
      ...(toWorkOn?.ranked ?? []).flatMap(({ explains, leaves }) => [...explains, ...leaves]),
    ]),
  ];
  const noted = advice.kind === 'minor' ? advice.signs : [];
  return (
    <Card style={{ gap: space(3) }}>
      {noted.length > 0 ? (
        <View style={{ gap: space(1) }}>
          <Text variant="heading">{signSentence(noted, hold.bow)}</Text>
          <Text>{words.minor}</Text>
        </View>
      ) : shown.length === 0 ? (
        <View style={{ flexDirection: 'row', alignItems: 'center', gap: space(2) }}>
          <StateMark state="in" size={20} />
          <Text variant="heading" style={{ flex: 1 }}>
            {words.nothing}
          </Text>
        </View>
      ) : (
        <Text variant="label" second>
          {all.length > 1 ? words.first : words.only}
        </Text>
      )}
      {shown.map((point, i) => (
        <Recommendation
          key={point ? point.signs.join() : chosen?.cause}
          facts={facts}
          point={point}
          isFirst={i === 0}
          glance={!isWhole}
          others={shown.flatMap((other) => (other && other !== point ? other.signs : []))}
        />
      ))}
      {isWhole ? <OtherCause facts={facts} first={points[0]?.cause?.cause.id ?? null} /> : null}
      {isWhole || shown.length === 0 ? (
        <HoldsWell
          absent={'holds' in advice ? advice.holds : []}
          present={[...present, ...noted]}
        />
      ) : null}
      {glance && all.length > 0 ? (
        <Button
          label={isWhole ? words.lessOfIt : words.moreOfIt(all.length - 1)}
          icon={isWhole ? 'chevron-up' : 'chevron-down'}
          compact
          quiet
          onPress={() => setWhole(!isWhole)}
        />
      ) : null}
    </Card>
  );
}

function HoldsWell({ absent, present }: { absent: readonly string[]; present: readonly string[] }) {
  const list = aspectWords(absent, present);
  if (list === '') return null;
  return (
    <View style={{ flexDirection: 'row', gap: space(2) }}>
      <View style={{ paddingTop: 3 }}>
        <StateMark state="in" size={14} />
      </View>
      <Text variant="small" second style={{ flex: 1 }}>
        {strings.holdsWell(list)}
      </Text>
    </View>
  );
}

function SinceStart({ cameUp, hold }: { cameUp: readonly string[]; hold: Hold }) {
  const words = strings.sinceStart;
  return (
    <Card style={{ gap: space(1) }}>
      <Text variant="strong" level={2}>
        {words.title}
      </Text>
      <Text>{cameUp.length === 0 ? words.same : words.cameUp(signWords(cameUp, hold.bow))}</Text>
      {cameUp.length > 0 ? (
        <Text variant="small" second>
          {words.stamina}
        </Text>
      ) : null}
    </Card>
  );
}
