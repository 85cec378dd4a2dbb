import type { Student } from '@open-palm/contract';
import { gripContacts } from '@open-palm/core/measure';
import { Breakdown } from '../../breakdown/Breakdown';
import { BackHeader } from '../../kit/BackHeader';
import { Button } from '../../kit/Button';
import { Card } from '../../kit/Card';
import { Columns } from '../../kit/Columns';
import { Notice } from '../../kit/Notice';
import { Screen } from '../../kit/Screen';
import { Text } from '../../kit/Text';
import { useWide } from '../../kit/useWide';
import { GripPortrait, shownBy } from '../../portrait/GripPortrait';
import { strings } from '../../strings';
import { MarkedPicture } from './MarkedPicture';
import type { MarksOutcome, PictureFacts } from './measure/measureMarks';
import type { PreparedPicture } from './picture/preparePicture';
import { useSampledBreakdown } from './useSampledBreakdown';

const words = strings.result;

/** Step 3 of a look: picture first, then the breakdown, then it is kept. */
export function ResultStep({
  student,
  picture,
  facts,
  outcome,
  saving,
  failure,
  onBack,
  onSave,
}: {
  student: Student;
  picture: PreparedPicture;
  facts: PictureFacts;
  outcome: MarksOutcome;
  saving: boolean;
  failure: string | null;
  onBack: () => void;
  onSave: () => void;
}) {
  const wide = useWide();
  const { measures, notMeasured } = useSampledBreakdown(
    outcome.capture,
    facts.hold.id,
    facts.context,
    outcome,
  );
  const photograph = (
    <MarkedPicture
      url={picture.url}
      picture={facts.picture}
      placed={outcome.capture.points}
      label={words.picture(strings.views[facts.view])}
    />
  );
  return (
    <Screen
      columns
      footer={
        <>
          <Button label={words.back} onPress={onBack} />
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
        under={`${student.name} · ${strings.contexts[facts.context]} · ${strings.check.stepResult}`}
        backLabel={strings.nav.back}
        onBack={onBack}
      />
      {failure === null ? null : <Notice tone="out">{failure}</Notice>}
      <Columns
        picture={
          <>
            <Card style={{ padding: 0, overflow: 'hidden' }}>
              <GripPortrait
                label={words.portrait}
                numbers={{
                  hold: facts.hold,
                  side: facts.side,
                  skinTone: student.skinTone,
                  contacts: gripContacts(outcome.capture, facts.hold.hand === 'over'),
                  ...shownBy(measures),
                }}
              />
            </Card>
            {wide ? photograph : null}
          </>
        }
      >
        <Breakdown measures={measures} notMeasured={notMeasured} />
        {wide ? null : photograph}
        <Notice>{strings.cautions.pain}</Notice>
        <Text variant="small" second>
          {strings.cautions.teacher}
        </Text>
      </Columns>
    </Screen>
  );
}
