import { useMemo, type ReactNode } from 'react';
import { View } from 'react-native';
import { openHurts, type SeenSigns, type Student } from '@open-palm/contract';
import type { Hold } from '@open-palm/core/holds';
import {
  ageBandOf,
  contradictionsIn,
  signsSinceStart,
  sinceStart,
  worksOn,
  type Finding,
  type Judgement,
} from '@open-palm/core/judge';
import type { LessonLog } from '../api/lessonLog';
import { Card } from '../kit/Card';
import { StateMark } from '../kit/StateMark';
import { Text } from '../kit/Text';
import { space } from '../kit/tokens';
import { strings } from '../strings';
import { AskWhich } from './AskWhich';
import { chosenCause, findingsOfLesson, historyBefore, type SeenMeasure } from './lesson';
import { OtherCause } from './OtherCause';
import { aspectWords, presentSigns, signWords } from './signWords';
import { Thing, type ThingFacts } from './Thing';
import { useJudgement } from './useJudgement';

const words = strings.workOn;

/** What a judgement rests on. */
export interface JudgedHold {
  measures: readonly SeenMeasure[];
  signs: SeenSigns;
  hold: Hold;
  student: Student;
  /** The look in which cues are tried now. */
  checkId: string;
  log: LessonLog;
  /** What was found at the start of the same lesson, where this is its end. */
  start?: readonly Finding[] | null;
}

/** What to work on first: at most two things, why, and what to say; or that there is nothing to fix. */
export function WorkOnCard({
  onWhich,
  ...judged
}: JudgedHold & {
  /** Settles which of two signs that cannot both be was seen; without it they are only told. */
  onWhich?: (saw: string, not: string) => void;
}) {
  const { measures, signs, hold, student, checkId, log, start = null } = judged;
  const found = useMemo(
    () => findingsOfLesson(measures, signs, log.entries),
    [measures, signs, log.entries],
  );
  const findings = useMemo(() => (start ? sinceStart(start, found) : found), [start, found]);
  const history = useMemo(() => historyBefore(log.entries, checkId), [log.entries, checkId]);
  const age = ageBandOf(student.birthYear, new Date().getFullYear());
  const judgement = useJudgement(findings, hold, history, age);
  const contradictions = contradictionsIn(found);
  const isAsked = contradictions.length > 0;
  return (
    <>
      {contradictions.map(({ signs: pair }) => (
        <AskWhich key={pair.join()} pair={pair} {...(onWhich ? { onWhich } : {})} />
      ))}
      {start ? <SinceStart cameUp={signsSinceStart(start, found)} /> : null}
      {/* While two marks contradict each other, nobody can say that nothing is wrong. */}
      {judgement === null || (isAsked && judgement.kind !== 'toWorkOn') ? null : (
        <Outcome judgement={judgement} {...judged} />
      )}
    </>
  );
}

function Outcome({
  judgement,
  student,
  checkId,
  log,
}: JudgedHold & { judgement: Judgement }): ReactNode {
  if (judgement.kind === 'nothingSeen') return null;
  const chosen = chosenCause(log.entries, checkId);
  const facts: ThingFacts = {
    student,
    checkId,
    log,
    isHurting: openHurts(log.entries).length > 0,
    chosen,
    ranked: judgement.kind === 'toWorkOn' ? judgement.ranked : [],
  };
  const isFine = judgement.kind === 'nothingToFix' && chosen === null;
  const first = facts.ranked.find(({ cause }) => cause.id === chosen?.cause);
  const things = worksOn(
    first ? [first, ...facts.ranked.filter((other) => other !== first)] : facts.ranked,
  );
  // What the teacher sees may be a cause of which no sign was marked.
  const isUnmarked = chosen !== null && first === undefined;
  const shown = isUnmarked ? [null, ...things.slice(0, 1)] : things;
  const isTie = judgement.kind === 'toWorkOn' && judgement.tie && chosen === null;
  return (
    <Card style={{ gap: space(3) }}>
      {isFine ? (
        <View style={{ flexDirection: 'row', alignItems: 'center', gap: space(2) }}>
          <StateMark state="in" size={20} />
          <Text variant="heading" style={{ flex: 1 }}>
            {words.nothing}
          </Text>
        </View>
      ) : (
        <Text variant="label" second>
          {shown.length > 1 ? words.first : words.only}
        </Text>
      )}
      {isFine
        ? null
        : shown.map((one, i) => (
            <Thing key={one?.cause.id ?? chosen?.cause} facts={facts} one={one} isFirst={i === 0} />
          ))}
      {isTie ? (
        <Text variant="small" second>
          {words.tie}
        </Text>
      ) : null}
      <OtherCause facts={facts} first={facts.ranked[0]?.cause.id ?? null} />
      <HoldsWell absent={judgement.holds} present={presentSigns(judgement)} />
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

function SinceStart({ cameUp }: { cameUp: readonly string[] }) {
  const told = strings.sinceStart;
  return (
    <Card style={{ gap: space(1) }}>
      <Text variant="strong" level={2}>
        {told.title}
      </Text>
      <Text>{cameUp.length === 0 ? told.same : told.cameUp(signWords(cameUp))}</Text>
      {cameUp.length > 0 ? (
        <Text variant="small" second>
          {told.stamina}
        </Text>
      ) : null}
    </Card>
  );
}
