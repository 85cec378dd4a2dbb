import type { ReportInput } from '@open-palm/contract';
import { GripPortrait } from '../../drawing/portrait/GripPortrait';
import type { PortraitNumbers } from '../../drawing/portrait/portraitNumbers';
import { Card } from '../../foundation/kit/Card';
import { Choice, Choices } from '../../foundation/kit/Choice';
import { WordField } from '../../foundation/kit/WordField';
import { strings } from '../../foundation/strings';

const words = strings.report;

/** The drawn hand of a report, as it was seen and as it is wanted: whether the PDF has it, and the lines under it. */
export function ReportDrawing({
  drawing,
  numbers,
  onChange,
  onBlur,
}: {
  drawing: ReportInput['drawing'];
  numbers: PortraitNumbers;
  onChange: (drawing: ReportInput['drawing']) => void;
  onBlur: () => void;
}) {
  return (
    <>
      {drawing ? (
        <Card style={{ padding: 0, overflow: 'hidden' }}>
          <GripPortrait label={words.drawn} numbers={numbers} />
        </Card>
      ) : null}
      <Choices question={words.withDrawing}>
        <Choice
          label={words.with}
          chosen={drawing !== null}
          onPress={() => onChange({ seen: words.drawnSeen, wanted: words.drawnWanted })}
        />
        <Choice label={words.without} chosen={drawing === null} onPress={() => onChange(null)} />
      </Choices>
      {drawing ? (
        <>
          <WordField
            label={words.drawnSeenLabel}
            value={drawing.seen}
            onChange={(seen) => onChange({ ...drawing, seen })}
            onBlur={onBlur}
          />
          <WordField
            label={words.drawnWantedLabel}
            value={drawing.wanted}
            onChange={(wanted) => onChange({ ...drawing, wanted })}
            onBlur={onBlur}
          />
        </>
      ) : null}
    </>
  );
}
