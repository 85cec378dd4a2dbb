import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { capturesFromFile, readOpMeasureFile } from '@open-palm/contract';
import { describeIssue } from '@open-palm/words/describe';
import { InputError } from '@open-palm/core/issue';
import { convertFile, type ConvertedToMeasure } from './convertFile';
import { measureFile } from './measureFile';

const EXAMPLE = join(__dirname, '../../docs/examples/finger-side.json');
const example = JSON.parse(readFileSync(EXAMPLE, 'utf8'));

describe('convertFile', () => {
  it('brings a measure file to COCO and back without changing a measure', () => {
    const coco = convertFile(example, 'coco', 'finger-side');
    const { converted, refused } = convertFile(coco, 'measure', 'x') as ConvertedToMeasure;
    expect(refused).toEqual([]);
    expect(converted).toHaveLength(1);
    expect(converted[0]).toMatchObject({ row: 0, fileName: 'finger-side' });
    const back = converted[0]!.file;
    expect(capturesFromFile(readOpMeasureFile(back))).toEqual(
      capturesFromFile(readOpMeasureFile(example)),
    );
    expect(measureFile(back, 'violin-shallow')).toEqual(measureFile(example));
  });

  it('names the pictures of a file that has several', () => {
    const { hold: _, context: _c, ...picture } = example;
    const coco = convertFile({ pictures: [picture, picture] }, 'coco', 'look');
    expect((coco as { images: { file_name: string }[] }).images.map((i) => i.file_name)).toEqual([
      'look-1',
      'look-2',
    ]);
  });

  it('tells row by row what was refused', () => {
    const coco = convertFile(example, 'coco', 'a') as { annotations: object[] };
    const annotations = [coco.annotations[0]!, { ...coco.annotations[0]!, image_id: 5 }];
    const answer = convertFile({ ...coco, annotations }, 'measure', 'a') as ConvertedToMeasure;
    expect(answer.converted).toHaveLength(1);
    expect(answer.refused).toEqual([
      { row: 1, reasons: ['annotations[1].image_id: no image has this id.'] },
    ]);
  });

  it('refuses points that cannot be, before writing anything', () => {
    const bad = { ...example, hand: example.hand.with(4, [5000, 20]) };
    expect(() => convertFile(bad, 'coco', 'a')).toThrow(InputError);
    try {
      convertFile(bad, 'coco', 'a');
    } catch (error) {
      expect((error as InputError).issues.map(describeIssue)[0]).toMatch(/hand\[4\] \(thumb tip\)/);
    }
  });
});
