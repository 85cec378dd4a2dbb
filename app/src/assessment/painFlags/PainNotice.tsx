import { useState } from 'react';
import { openPainFlags } from '@open-palm/records/log';
import type { LessonLog } from '../../foundation/api/lessonLog';
import { Notice } from '../../foundation/kit/Notice';
import { strings } from '../../foundation/strings';
import { agoWords } from '../../foundation/strings/dateWords';

const words = strings.painFlags;

/** That it hurts, with the caution, until somebody says that it is gone. */
export function PainNotice({ log, now }: { log: LessonLog; now: Date }) {
  const [isSure, setSure] = useState<string | null>(null);
  return openPainFlags(log.entries).map((hurt) => (
    <Notice
      key={hurt.id}
      tone="out"
      title={words.since(words.notes[hurt.what], agoWords(hurt.madeAt, now))}
      action={
        isSure === hurt.id
          ? {
              label: words.clearSure,
              onPress: () => void log.add({ kind: 'cleared', hurt: hurt.id }),
            }
          : { label: words.clear, onPress: () => setSure(hurt.id) }
      }
    >
      {`${strings.cautions.pain} ${words.stop}`}
    </Notice>
  ));
}
