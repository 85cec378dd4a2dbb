import type { Check } from '@open-palm/contract';
import { writeCoco } from '@open-palm/contract/coco';
import { Button } from '../../../foundation/kit/Button';
import { saveFile } from '../../../foundation/kit/saveFile';
import { strings } from '../../../foundation/strings';

/** Hands the points of a kept look over as a COCO keypoints file. */
export function DownloadPoints({ check }: { check: Check }) {
  const download = () => {
    const file = writeCoco(
      check.captures.map((capture) => ({ fileName: `${capture.pictureId}.jpg`, capture })),
    );
    saveFile(
      new Blob([JSON.stringify(file, null, 2)], { type: 'application/json' }),
      `open-palm-${check.takenAt.slice(0, 10)}.coco.json`,
    );
  };
  return <Button label={strings.coco.download} icon="download-outline" onPress={download} />;
}
