import { useState } from 'react';
import { View } from 'react-native';
import type { CocoRow } from '@open-palm/contract';
import { readCoco } from '@open-palm/contract/coco';
import { describeIssue } from '@open-palm/words/describe';
import { InputError } from '@open-palm/core/issue';
import { malformed } from '@open-palm/core/problem';
import type { PlacedCapture } from '@open-palm/core/measure';
import { Button } from '../../../foundation/kit/Button';
import { Notice } from '../../../foundation/kit/Notice';
import { PressRow } from '../../../foundation/kit/PressRow';
import { Text } from '../../../foundation/kit/Text';
import { space } from '../../../foundation/kit/tokens';
import { strings } from '../../../foundation/strings';
import type { Size } from '../../../drawing/pictures/viewport';
import { pickFile } from '../../../foundation/kit/pickFile';

const words = strings.coco;

/** The most rows that are listed. */
const LISTED = 30;

/** Takes the points of the chosen picture out of a COCO keypoints file, telling for every row what it is. */
export function LoadPoints({
  picture,
  onPoints,
}: {
  picture: Size;
  onPoints: (capture: PlacedCapture) => void;
}) {
  const [rows, setRows] = useState<readonly CocoRow[]>([]);
  const [problem, setProblem] = useState<string | null>(null);
  const load = async () => {
    const file = await pickFile('application/json,.json');
    if (!file) return;
    setRows([]);
    setProblem(null);
    try {
      setRows(readCoco(parsed(await file.text())));
    } catch (error) {
      if (!(error instanceof InputError)) throw error;
      setProblem(error.issues.map(describeIssue).join(' '));
    }
  };
  const choose = (capture: PlacedCapture) => {
    const { width, height } = capture.image;
    if (width !== picture.width || height !== picture.height) {
      setProblem(words.otherSize(width, height));
      return;
    }
    setRows([]);
    setProblem(null);
    onPoints(capture);
  };
  return (
    <View style={{ gap: space(2) }}>
      <Button label={words.load} icon="file-upload-outline" onPress={() => void load()} />
      {problem === null ? null : <Notice tone="out">{problem}</Notice>}
      {rows.length > 0 ? <Text variant="label">{words.rows}</Text> : null}
      {rows.slice(0, LISTED).map((row) => (
        <Row key={row.row} row={row} onChoose={choose} />
      ))}
      {rows.length > LISTED ? (
        <Text variant="small" second>
          {words.more(rows.length - LISTED)}
        </Text>
      ) : null}
    </View>
  );
}

function Row({
  row: { row, fileName, capture, issues },
  onChoose,
}: {
  row: CocoRow;
  onChoose: (capture: PlacedCapture) => void;
}) {
  if (!capture) {
    return (
      <Text variant="small" second>
        {words.refusedRow(row + 1, issues.map(describeIssue).join(' '))}
      </Text>
    );
  }
  const name = words.row(
    row + 1,
    fileName ?? '',
    strings.views[capture.view],
    Object.keys(capture.points).length,
  );
  return (
    <PressRow acts label={name} onPress={() => onChoose(capture)}>
      <Text variant="small">{name}</Text>
    </PressRow>
  );
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    throw new InputError([malformed('file', { code: 'notJson' })]);
  }
}
