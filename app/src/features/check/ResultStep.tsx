import { useMemo } from 'react';
import { View } from 'react-native';
import type { Student } from '@open-palm/contract';
import type { HandFacts } from '@open-palm/core/hand';
import type { Hold } from '@open-palm/core/holds';
import { checkContacts, measureCheck, type Look } from '@open-palm/core/measure';
import { Breakdown } from '../../breakdown/Breakdown';
import { WorkOnCard } from '../../judgement/WorkOnCard';
import { BackHeader } from '../../kit/BackHeader';
import { Button } from '../../kit/Button';
import { Card } from '../../kit/Card';
import { Columns } from '../../kit/Columns';
import { Notice } from '../../kit/Notice';
import { Screen } from '../../kit/Screen';
import { Text } from '../../kit/Text';
import { space } from '../../kit/tokens';
import { useWide } from '../../kit/useWide';
import { GripPortrait, shownBy } from '../../portrait/GripPortrait';
import { strings } from '../../strings';
import { LookSources } from './LookSources';
import type { LookState, Shot } from './look/lookState';
import { MarkedPicture } from './MarkedPicture';
import { useSampledBreakdown } from './useSampledBreakdown';

const words = strings.result;

/** Step 3 of a look: picture first, then the breakdown of everything that was seen, then it is kept. */
export function ResultStep({
  student,
  hold,
  hand,
  look,
  state,
  saving,
  failure,
  onMove,
  onRemove,
  onPicture,
  onTaps,
  onSave,
}: {
  student: Student;
  /** As it is meant for the student. */
  hold: Hold;
  hand: HandFacts;
  look: Look;
  state: LookState;
  saving: boolean;
  failure: string | null;
  onMove: (shot: Shot) => void;
  onRemove: (id: string) => void;
  onPicture: () => void;
  onTaps: () => void;
  onSave: () => void;
}) {
  const wide = useWide();
  const firstOrder = useMemo(() => measureCheck(look, hold, hand), [look, hold, hand]);
  const { measures, notMeasured } = useSampledBreakdown(look, hold, hand, firstOrder);
  const contacts = useMemo(() => checkContacts(look, hold), [look, hold]);
  const photographs = (
    <View style={{ gap: space(3) }}>
      {state.shots.map(({ id, picture, view, marks }) => (
        <MarkedPicture
          key={id}
          url={picture.url}
          picture={picture}
          placed={marks.placed}
          label={words.picture(strings.views[view])}
        />
      ))}
    </View>
  );
  return (
    <Screen
      columns
      footer={
        <>
          <Button label={words.addPicture} icon="camera-plus-outline" onPress={onPicture} />
          <Button
            label={saving ? words.saving : words.save}
            primary
            busy={saving}
            disabled={saving || measures.length === 0}
            onPress={onSave}
            style={{ flex: 1 }}
          />
        </>
      }
    >
      <BackHeader
        title={words.title}
        under={`${student.name} · ${strings.contexts[look.context]} · ${strings.check.stepResult}`}
        backLabel={strings.nav.back}
        onBack={state.shots.length > 0 ? () => onMove(state.shots.at(-1)!) : onTaps}
      />
      {failure === null ? null : <Notice tone="out">{failure}</Notice>}
      <Columns
        picture={
          <>
            <Card style={{ padding: 0, overflow: 'hidden' }}>
              <GripPortrait
                label={words.portrait}
                numbers={{
                  hold,
                  side: student.side,
                  skinTone: student.skinTone,
                  contacts,
                  ...shownBy(measures),
                }}
              />
            </Card>
            {wide ? photographs : null}
          </>
        }
      >
        <WorkOnCard measures={measures} hold={hold} />
        <Breakdown
          measures={measures}
          notMeasured={notMeasured}
          views={state.shots.map(({ view }) => view)}
        />
        {wide ? null : photographs}
        <LookSources state={state} onMove={onMove} onRemove={onRemove} onTaps={onTaps} />
        <Notice>{strings.cautions.pain}</Notice>
        <Text variant="small" second>
          {strings.cautions.teacher}
        </Text>
      </Columns>
    </Screen>
  );
}
