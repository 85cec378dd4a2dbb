import { View } from 'react-native';
import type { TermWords } from '@open-palm/contract';
import { MOST_TERM_LINES } from '@open-palm/contract/termPage';
import { FAMILIES, type Family } from '@open-palm/core/measure';
import { Button } from '../../../foundation/kit/Button';
import { Choice, Choices } from '../../../foundation/kit/Choice';
import { LineFields } from '../../../foundation/kit/LineFields';
import { Text } from '../../../foundation/kit/Text';
import { space } from '../../../foundation/kit/tokens';
import { WordField } from '../../../foundation/kit/WordField';
import { strings } from '../../../foundation/strings';
import { termWords } from '../../../foundation/strings/term';

/** The words of a page, each of them the teacher's to change. */
export function TermWording({
  words,
  practisedLine,
  onChange,
}: {
  words: TermWords;
  /** What could be told of practice; null where no log came back. */
  practisedLine: string | null;
  onChange: (more: Partial<TermWords>) => void;
}) {
  const { heads } = termWords;
  return (
    <View style={{ gap: space(3) }}>
      <Text variant="strong" level={2}>
        {termWords.wording}
      </Text>
      <WordField
        label={termWords.heading}
        value={words.title}
        onChange={(title) => onChange({ title })}
      />
      <WordField
        label={termWords.opening}
        value={words.opening}
        onChange={(opening) => onChange({ opening })}
        lines={2}
      />
      <Lines
        name={heads.changed}
        lines={words.changed}
        onLines={(changed) => onChange({ changed })}
      />
      <Lines name={heads.worked} lines={words.worked} onLines={(worked) => onChange({ worked })} />
      <FamilyLines families={words.families} onChange={(families) => onChange({ families })} />
      <Choices question={termWords.practice}>
        {practisedLine === null && words.practised === null ? (
          <Text variant="small" second>
            {termWords.noPractice}
          </Text>
        ) : (
          <>
            <Choice
              label={termWords.withoutPractice}
              chosen={words.practised === null}
              onPress={() => onChange({ practised: null })}
            />
            <Choice
              label={termWords.withPractice}
              chosen={words.practised !== null}
              onPress={() => onChange({ practised: practisedLine })}
            />
          </>
        )}
      </Choices>
      {words.practised === null ? null : (
        <WordField
          label={heads.practised}
          value={words.practised}
          onChange={(practised) => onChange({ practised })}
          lines={2}
        />
      )}
      <WordField
        label={termWords.help}
        value={words.help}
        onChange={(help) => onChange({ help })}
        lines={2}
      />
    </View>
  );
}

function Lines({
  name,
  lines,
  onLines,
}: {
  name: string;
  lines: readonly string[];
  onLines: (lines: string[]) => void;
}) {
  return (
    <View style={{ gap: space(2) }}>
      <Text variant="label" second>
        {name}
      </Text>
      <LineFields
        lines={lines}
        labels={{
          line: (n) => termWords.line(name, n),
          up: (n) => termWords.up(name, n),
          down: (n) => termWords.down(name, n),
          remove: (n) => termWords.remove(name, n),
        }}
        onLines={onLines}
      />
      {lines.length < MOST_TERM_LINES ? (
        <Button
          label={termWords.add(name)}
          icon="plus"
          compact
          onPress={() => onLines([...lines, ''])}
        />
      ) : null}
    </View>
  );
}

/** Which families are on the page, and the line under each. */
function FamilyLines({
  families,
  onChange,
}: {
  families: TermWords['families'];
  onChange: (families: TermWords['families']) => void;
}) {
  const without = (family: Family) =>
    Object.fromEntries(Object.entries(families).filter(([one]) => one !== family));
  return FAMILIES.map((family) => {
    const line = families[family];
    const name = strings.families[family];
    return (
      <View key={family} style={{ gap: space(2) }}>
        <View style={{ flexDirection: 'row' }}>
          <Choice
            role="checkbox"
            label={termWords.withFamily(name)}
            chosen={line !== undefined}
            onPress={() =>
              onChange(line === undefined ? { ...families, [family]: '' } : without(family))
            }
          />
        </View>
        {line === undefined ? null : (
          <WordField
            label={termWords.familyLine(name)}
            value={line}
            onChange={(text) => onChange({ ...families, [family]: text })}
            lines={2}
          />
        )}
      </View>
    );
  });
}
