import { writeCoco, type Check } from '@open-palm/contract';
import { Button } from '../../../kit/Button';
import { strings } from '../../../strings';

/** Hands the points of a kept look over as a COCO keypoints file. */
export function DownloadPoints({ check }: { check: Check }) {
  const download = () => {
    const file = writeCoco(
      check.captures.map((capture) => ({ fileName: `${capture.pictureId}.jpg`, capture })),
    );
    const url = URL.createObjectURL(
      new Blob([JSON.stringify(file, null, 2)], { type: 'application/json' }),
    );
    const link = document.createElement('a');
    link.href = url;
    link.download = `open-palm-${check.takenAt.slice(0, 10)}.coco.json`;
    link.click();
    URL.revokeObjectURL(url);
  };
  return <Button label={strings.coco.download} icon="download-outline" onPress={download} />;
}
