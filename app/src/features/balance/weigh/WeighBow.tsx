import { useState } from 'react';
import type { HandFile, StudentInput } from '@open-palm/contract';
import { inputOf, studentInputSchema } from '@open-palm/contract/student';
import { schemaProblem } from '@open-palm/contract/zodIssues';
import { describeProblem } from '@open-palm/words/describe';
import {
  bowWarning,
  BOW_PARTS,
  plausible,
  type BowPart,
  type BowPreset,
  type OwnBow,
} from '@open-palm/core/bow';
import { saveStudent } from '../../../foundation/api/write';
import { BackHeader } from '../../../foundation/kit/BackHeader';
import { Button } from '../../../foundation/kit/Button';
import { Card } from '../../../foundation/kit/Card';
import { Notice } from '../../../foundation/kit/Notice';
import { numberFrom } from '../../../foundation/kit/numberFrom';
import { Screen } from '../../../foundation/kit/Screen';
import { Text } from '../../../foundation/kit/Text';
import { space } from '../../../foundation/kit/tokens';
import { WordField } from '../../../foundation/kit/WordField';
import { strings } from '../../../foundation/strings';
import { weighWords } from '../../../foundation/strings/balance';
import {
  keptSize,
  shownSize,
  sizeUnit,
  sizeWords,
  type SizeKind,
} from '../../../foundation/strings/sizes';
import { WeighFigure } from './WeighFigure';

const words = weighWords;

/** The bow's own numbers in three steps; what is left out stays an estimate. They are kept with the student. */
export function WeighBow({
  handFile,
  preset,
  own,
  onDone,
}: {
  handFile: HandFile;
  preset: BowPreset;
  own: OwnBow;
  onDone: () => void;
}) {
  const [at, setAt] = useState(0);
  const [texts, setTexts] = useState(() => textsOf(own));
  const [failure, setFailure] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const part = BOW_PARTS[at]!;
  const isLast = at === BOW_PARTS.length - 1;
  const step = words.steps[part];
  const value = keptFrom(texts, part, own);
  const warning = value === null || Number.isNaN(value) ? null : bowWarning(preset, part, value);
  const refused = refusal(handFile, part, value);
  const amount = (number: number) => sizeWords(KIND_OF[part], number);
  const usual = plausible(preset, part);

  const keep = async (measured: OwnBow) => {
    setBusy(true);
    setFailure(null);
    try {
      const { id, version } = handFile.student;
      await saveStudent(id, withBow(handFile, measured), version);
      onDone();
    } catch (error) {
      setFailure(error instanceof Error ? error.message : String(error));
      setBusy(false);
    }
  };
  const goOn = (kept: typeof texts) => {
    setTexts(kept);
    if (!isLast) return setAt(at + 1);
    void keep(ownBowOf(kept, own));
  };
  return (
    <Screen
      footer={
        <>
          <Button label={words.skip} compact onPress={() => goOn({ ...texts, [part]: '' })} />
          <Button
            label={isLast ? words.keep : words.next}
            primary
            busy={busy}
            disabled={refused !== null || value === null}
            onPress={() => goOn(texts)}
            style={{ flex: 1 }}
          />
        </>
      }
    >
      <BackHeader
        title={words.title}
        under={`${handFile.student.name} · ${words.step(at + 1)}`}
        backLabel={at === 0 ? strings.nav.back : words.back}
        onBack={() => (at === 0 ? onDone() : setAt(at - 1))}
      />
      {failure === null ? null : <Notice tone="out">{failure}</Notice>}
      <Card style={{ padding: 0, overflow: 'hidden' }}>
        <WeighFigure part={part} preset={preset} label={words.figure(step.title)} />
      </Card>
      <Text variant="heading">{step.title}</Text>
      <Text>{step.how}</Text>
      <WordField
        label={`${step.field}, ${sizeUnit(KIND_OF[part])}`}
        value={texts[part]}
        onChange={(text) => setTexts({ ...texts, [part]: text })}
        kind="decimal"
      />
      {refused === null ? null : <Notice tone="out">{refused}</Notice>}
      {warning && refused === null ? (
        <Notice>
          {[
            words.warning[warning.problem](amount(warning.from), amount(warning.to)),
            ...(warning.fitsSize && warning.fitsSize !== preset.size
              ? [words.fits(strings.bowSizes[warning.fitsSize])]
              : []),
          ].join(' ')}
        </Notice>
      ) : (
        <Text variant="small" second style={{ marginBottom: space(2) }}>
          {words.typical(amount(usual.from), amount(usual.to))}
        </Text>
      )}
    </Screen>
  );
}

const textsOf = (own: OwnBow): Record<BowPart, string> => ({
  massG: textOf(own, 'massG'),
  balanceMm: textOf(own, 'balanceMm'),
  frogLengthMm: textOf(own, 'frogLengthMm'),
});

const KIND_OF: Record<BowPart, SizeKind> = {
  massG: 'weight',
  balanceMm: 'length',
  frogLengthMm: 'length',
};

function textOf(own: OwnBow, part: BowPart): string {
  const kept = own[part];
  return kept === null ? '' : String(shownSize(KIND_OF[part], kept));
}

/** What was left as it is read stays what it was, to the last digit. */
function keptFrom(texts: Record<BowPart, string>, part: BowPart, own: OwnBow): number | null {
  if (texts[part] === textOf(own, part)) return own[part];
  const typed = numberFrom(texts[part]);
  return typed === null ? null : keptSize(KIND_OF[part], typed);
}

const ownBowOf = (texts: Record<BowPart, string>, own: OwnBow): OwnBow => ({
  massG: keptFrom(texts, 'massG', own),
  balanceMm: keptFrom(texts, 'balanceMm', own),
  frogLengthMm: keptFrom(texts, 'frogLengthMm', own),
});

/** What is written down of the student, with this bow. */
function withBow({ student, setupId }: HandFile, own: OwnBow): StudentInput {
  const input = inputOf(student);
  return {
    ...input,
    setups: input.setups.map((setup) =>
      setup.id === setupId
        ? {
            ...setup,
            bowMassG: own.massG,
            bowBalanceMm: own.balanceMm,
            frogLengthMm: own.frogLengthMm,
          }
        : setup,
    ),
  };
}

/** Why the studio would not keep a value, by the rule that it shares with this page. */
function refusal(handFile: HandFile, part: BowPart, value: number | null): string | null {
  if (value === null) return null;
  if (Number.isNaN(value)) return words.notANumber;
  const unknown: OwnBow = { massG: null, balanceMm: null, frogLengthMm: null };
  const checked = studentInputSchema.safeParse(withBow(handFile, { ...unknown, [part]: value }));
  return checked.success ? null : describeProblem(schemaProblem(checked.error.issues[0]!));
}
