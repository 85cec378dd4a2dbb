import { useState } from 'react';
import { View } from 'react-native';
import type { Paper } from '@open-palm/contract';
import { PAPERS } from '@open-palm/contract/paperCard';
import { Button } from '../../foundation/kit/Button';
import { space } from '../../foundation/kit/tokens';
import { strings } from '../../foundation/strings';

const words = strings.practice;

/** What else can be done with a kept plan: it is practised together, put into a calendar, printed. */
export function PlanActions({
  onTogether,
  onCalendar,
  onPaper,
}: {
  onTogether: () => void;
  onCalendar: () => void;
  onPaper: (paper: Paper) => void;
}) {
  const [printing, setPrinting] = useState(false);
  const wide = { flexGrow: 1 };
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: space(2) }}>
      <Button
        label={words.together}
        icon="account-multiple-outline"
        compact
        onPress={onTogether}
        style={wide}
      />
      <Button
        label={words.calendar}
        icon="calendar-outline"
        compact
        onPress={onCalendar}
        style={wide}
      />
      {printing ? (
        PAPERS.map((paper) => (
          <Button
            key={paper}
            label={words.papers[paper]}
            icon="printer-outline"
            compact
            onPress={() => {
              setPrinting(false);
              onPaper(paper);
            }}
            style={wide}
          />
        ))
      ) : (
        <Button
          label={words.paper}
          icon="printer-outline"
          compact
          onPress={() => setPrinting(true)}
          style={wide}
        />
      )}
    </View>
  );
}
