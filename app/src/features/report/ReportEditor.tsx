import { useState } from 'react';
import { View } from 'react-native';
import type { Check, ReportInput } from '@open-palm/contract';
import { reportInputSchema, reportText, MOST_POINTS } from '@open-palm/contract/report';
import { issuesFromZod } from '@open-palm/contract/zodIssues';
import { describeIssue } from '@open-palm/words/describe';
import { fieldName } from './fieldName';
import { paths } from '../../foundation/api/paths';
import { BackHeader } from '../../foundation/kit/BackHeader';
import { router } from 'expo-router';
import { RemoveButton } from '../../assessment/removal/RemoveButton';
import { Button } from '../../foundation/kit/Button';
import { Columns } from '../../foundation/kit/Columns';
import { LineFields } from '../../foundation/kit/LineFields';
import { Notice } from '../../foundation/kit/Notice';
import { saveFile } from '../../foundation/kit/saveFile';
import { Screen } from '../../foundation/kit/Screen';
import { Text } from '../../foundation/kit/Text';
import { space } from '../../foundation/kit/tokens';
import { WordField } from '../../foundation/kit/WordField';
import { MarkedPicture } from '../../drawing/pictures/MarkedPicture';
import type { PortraitNumbers } from '../../drawing/portrait/portraitNumbers';
import { strings } from '../../foundation/strings';
import { agoWords, dayWords } from '../../foundation/strings/dateWords';
import { keepReport } from '../../foundation/api/write';
import { reportPdf, mailReport } from './reports';
import { ReportDrawing } from './ReportDrawing';
import { studioNow } from '../../foundation/api/clock';

const words = strings.report;
const POINT_LABELS = {
  line: words.pointLabel,
  up: words.up,
  down: words.down,
  remove: words.remove,
};

/** The report's text beside the pictures; every change is kept when a field is left, and before it is sent. */
export function ReportEditor({
  check,
  numbers,
  initial,
  basedOn,
  studentName,
  mailedAt,
}: {
  check: Check;
  /** What the hand of the look is drawn from. */
  numbers: PortraitNumbers;
  initial: ReportInput;
  /** The version that is changed; 0 where none is kept yet. */
  basedOn: number;
  studentName: string;
  mailedAt: string | null;
}) {
  const [report, setReport] = useState(initial);
  const [to, setTo] = useState('');
  const [said, setSaid] = useState<string | null>(null);
  const [failure, setFailure] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const change = (more: Partial<ReportInput>) => setReport((now) => ({ ...now, ...more }));

  /**
   * Keeps the report as it reads now, then does what was asked; says what went wrong.
   *
   * @param atStudio whether the studio has to have it first, because it prints and mails
   */
  const keepAnd = async (then: (kept: ReportInput) => Promise<string | null>, atStudio = false) => {
    setBusy(true);
    setFailure(null);
    try {
      const points = report.points.filter((point) => point.trim() !== '');
      const checked = reportInputSchema.safeParse({ ...report, points });
      if (!checked.success) {
        const [issue] = issuesFromZod(checked.error, words.title);
        setFailure(describeIssue({ ...issue!, where: fieldName(issue!.where) }));
        return;
      }
      const standing = await keepReport(check.id, studentName, checked.data, basedOn);
      if (standing === 'conflict') return setFailure(words.conflict);
      if (standing === 'waits' && atStudio) return setFailure(words.waits);
      setSaid(await then(checked.data));
    } catch (error) {
      setFailure(error instanceof Error ? error.message : String(error));
    } finally {
      setBusy(false);
    }
  };
  const keep = () => void keepAnd(async () => null);
  const copy = () =>
    void keepAnd(async (kept) => {
      await navigator.clipboard.writeText(`${kept.title}\n\n${reportText(kept)}`);
      return words.copied;
    });
  const pdf = () =>
    void keepAnd(async () => {
      saveFile(await reportPdf(check.id), `feedback-${check.takenAt.slice(0, 10)}.pdf`);
      return null;
    }, true);
  const mail = () =>
    void keepAnd(async () => words.mailed(await mailReport(check.id, to.trim())), true);

  return (
    <Screen
      columns
      footer={
        <>
          <Button label={words.copy} icon="content-copy" onPress={copy} compact />
          <Button
            label={words.pdf}
            icon="file-pdf-box"
            primary
            busy={busy}
            onPress={pdf}
            style={{ flex: 1 }}
          />
        </>
      }
    >
      <BackHeader
        title={words.title}
        under={dayWords(check.takenAt)}
        backLabel={strings.nav.back}
        onBack={`/checks/${check.id}`}
      />
      {failure === null ? null : (
        <Notice tone="out" title={words.notKept}>
          {failure}
        </Notice>
      )}
      {said === null ? null : <Notice tone="in">{said}</Notice>}
      <Columns
        picture={
          <>
            <ReportDrawing
              drawing={report.drawing}
              numbers={numbers}
              onChange={(drawing) => change({ drawing })}
              onBlur={keep}
            />
            {check.captures.map((capture) => (
              <MarkedPicture
                key={capture.id}
                url={paths.picture(capture.pictureId)}
                picture={capture.image}
                placed={capture.points}
                label={strings.result.picture(strings.views[capture.view])}
              />
            ))}
          </>
        }
      >
        <WordField
          label={words.headingLabel}
          value={report.title}
          onChange={(title) => change({ title })}
          onBlur={keep}
        />
        <WordField
          label={words.openingLabel}
          value={report.opening}
          onChange={(opening) => change({ opening })}
          onBlur={keep}
          lines={3}
        />
        <Text variant="small" second>
          {words.order}
        </Text>
        <LineFields
          lines={report.points}
          labels={POINT_LABELS}
          least={1}
          onLines={(points) => change({ points })}
          onBlur={keep}
        />
        {report.points.length < MOST_POINTS ? (
          <Button
            label={words.add}
            icon="plus"
            onPress={() => change({ points: [...report.points, ''] })}
          />
        ) : null}
        <WordField
          label={words.closingLabel}
          value={report.closing}
          onChange={(closing) => change({ closing })}
          onBlur={keep}
          lines={2}
        />
        <View style={{ gap: space(2) }}>
          <WordField label={words.to} value={to} onChange={setTo} kind="email" />
          <Button
            label={words.mail}
            icon="email-outline"
            disabled={to.trim() === '' || busy}
            onPress={mail}
          />
          {mailedAt === null ? null : (
            <Text variant="small" second>
              {words.mailedBefore(agoWords(mailedAt, studioNow()))}
            </Text>
          )}
        </View>
        <Notice>{report.caution}</Notice>
        {basedOn > 0 ? (
          <RemoveButton
            removal={{ kind: 'letter', ofId: check.id }}
            onRemoved={() => router.dismissTo(`/checks/${check.id}`)}
          />
        ) : null}
      </Columns>
    </Screen>
  );
}
