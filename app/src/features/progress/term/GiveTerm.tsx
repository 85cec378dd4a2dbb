import { useState } from 'react';
import { View } from 'react-native';
import type { Paper } from '@open-palm/contract';
import { PAPERS } from '@open-palm/contract/paperCard';
import { Button } from '../../../foundation/kit/Button';
import { space } from '../../../foundation/kit/tokens';
import { termWords } from '../../../foundation/strings/term';

/** The two ways to give a page: printed from here, or as a PDF of the studio. */
export function GiveTerm({
  isReady,
  isBusy,
  onPrint,
  onPdf,
}: {
  isReady: boolean;
  isBusy: boolean;
  onPrint: () => void;
  onPdf: (paper: Paper) => void;
}) {
  const [choosing, setChoosing] = useState(false);
  return (
    <View style={{ flex: 1, flexDirection: 'row', flexWrap: 'wrap', gap: space(2) }}>
      <Button
        label={termWords.print}
        icon="printer-outline"
        disabled={!isReady}
        onPress={onPrint}
        style={{ flexGrow: 1 }}
      />
      {choosing ? (
        PAPERS.map((paper) => (
          <Button
            key={paper}
            label={termWords.papers[paper]}
            icon="file-pdf-box"
            primary
            onPress={() => {
              setChoosing(false);
              onPdf(paper);
            }}
            style={{ flexGrow: 1 }}
          />
        ))
      ) : (
        <Button
          label={termWords.pdf}
          icon="file-pdf-box"
          primary
          busy={isBusy}
          disabled={!isReady}
          onPress={() => setChoosing(true)}
          style={{ flexGrow: 1 }}
        />
      )}
    </View>
  );
}
