import type { CrossingFinding } from '@open-palm/core/stroke';
import { listWords } from '../../../foundation/strings/listWords';
import { strokeWords } from '../../../foundation/strings/stroke';

const words = strokeWords.crossings;

/** What the elbow did over the strings, in a sentence each. */
export const crossingSentences = (findings: readonly CrossingFinding[]): string[] =>
  findings.map((finding) =>
    finding.code === 'follows'
      ? words.says.follows
      : words.says[finding.code](
          words.stringsOf(listWords(finding.strings), finding.strings.length),
        ),
  );
