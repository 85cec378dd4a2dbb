import fc from 'fast-check';
import { InputError } from '@open-palm/core/issue';
import { describeIssue } from '@open-palm/words/describe';
import { readStrokeCsv, writeStrokeCsv } from './strokeCsv';

const refusal = (text: string): string[] => {
  try {
    readStrokeCsv(text);
  } catch (error) {
    if (error instanceof InputError) return error.issues.map(describeIssue);
    throw error;
  }
  return [];
};

const HEAD = 't_s,wrist_flexion_deg,thumb_ip_deg,bow_place';

describe('readStrokeCsv', () => {
  it('reads columns in any order, gaps, and leaves others alone', () => {
    const text = 'bow_place,note,t_s,wrist_flexion_deg\n0,"a, b",0,12.5\n0.5,,0.1,\n1,,0.2,-8\n';
    expect(readStrokeCsv(text).series).toEqual({
      timesS: [0, 0.1, 0.2],
      channels: { wristFlexion: [12.5, null, -8], bowPlace: [0, 0.5, 1] },
    });
  });

  it('reads what a spreadsheet saves: byte-order mark, semicolons, decimal commas, CRLF', () => {
    const text = '\ufefft_s;wrist_flexion_deg\r\n0;12,5\r\n0,1;10\r\n0,2;7,25\r\n';
    expect(readStrokeCsv(text).series).toEqual({
      timesS: [0, 0.1, 0.2],
      channels: { wristFlexion: [12.5, 10, 7.25] },
    });
  });

  it.each([
    [
      'another unit',
      't_s,wrist_flexion_rad\n0,0.1\n',
      [/^row 1, wrist_flexion_rad: .*wrist_flexion_deg/],
    ],
    ['milliseconds', 't_ms,wrist_flexion_deg\n0,1\n', [/^row 1, t_ms: .*give it as t_s/]],
    ['no wrist', 't_s,thumb_ip_deg\n0,1\n', [/^row 1: the column wrist_flexion_deg is missing/]],
    [
      'a word',
      `${HEAD}\n0,1,2,0\n0.1,high,2,0\n0.2,1,2,0\n`,
      [/^row 3, wrist_flexion_deg: “high” is not/],
    ],
    ['no time', `${HEAD}\n0,1,2,0\n,1,2,0\n0.2,1,2,0\n`, [/^row 3, t_s: every row needs its time/]],
    [
      'times out of order',
      `${HEAD}\n0,1,2,0\n0.2,1,2,0\n0.1,1,2,0\n`,
      [/^row 4, t_s: the time 0.1 s comes after 0.2 s/],
    ],
    [
      'a time twice',
      `${HEAD}\n0,1,2,0\n0.1,1,2,0\n0.1,1,2,0\n`,
      [/^row 4, t_s: the time 0.1 s stands there twice/],
    ],
    [
      'a place in per cent',
      `${HEAD}\n0,1,2,0\n0.1,1,2,50\n0.2,1,2,1\n`,
      [/^row 3, bow_place is 50, which cannot be/],
    ],
    ['two rows', `${HEAD}\n0,1,2,0\n0.1,1,2,0\n`, [/^t_s: a stroke needs at least 3 frames/]],
    ['an empty file', '', [/t_s is missing/, /wrist_flexion_deg is missing/]],
    [
      'a column twice',
      't_s,wrist_flexion_deg,t_s\n0,1,0\n',
      [/^row 1, t_s: the column “t_s” is there twice/],
    ],
  ])('refuses %s, saying where', (_what, text, sentences) => {
    const told = refusal(text);
    expect(told).toHaveLength(sentences.length);
    sentences.forEach((sentence, i) => expect(told[i]).toMatch(sentence));
  });

  it('says of which hand it is, once for all rows, and nothing where the file says nothing', () => {
    const rows = (...hands: string[]) =>
      `t_s,wrist_flexion_deg,hand\n${hands.map((hand, i) => `${i / 10},${i},${hand}`).join('\n')}\n`;
    expect(readStrokeCsv(rows('left', '', 'Left')).hand).toBe('left');
    expect(readStrokeCsv(rows('right', 'right', 'right')).hand).toBe('right');
    expect(readStrokeCsv(rows('', '', '')).hand).toBeNull();
    expect(refusal(rows('left', 'both', 'right'))).toEqual([
      'row 3, hand: “both” is no hand: left or right.',
      'row 4, hand: a take is of one hand: here stands the other one.',
    ]);
  });

  it('does not bury a person in a thousand sentences', () => {
    const rows = Array.from({ length: 500 }, (_, i) => `${i / 10},oops`);
    expect(refusal(`t_s,wrist_flexion_deg\n${rows.join('\n')}`)).toHaveLength(9);
  });
});

describe('writeStrokeCsv', () => {
  it('writes what reads back as it was', () => {
    const angle = fc.option(fc.double({ min: -90, max: 90, noNaN: true }), { nil: null });
    fc.assert(
      fc.property(fc.array(fc.tuple(angle, angle), { minLength: 3, maxLength: 40 }), (frames) => {
        const series = {
          timesS: frames.map((_, i) => i / 30),
          channels: {
            wristFlexion: frames.map(([wrist], i) => (i === 0 ? 0 : wrist)),
            littlePip: frames.map(([, little]) => (little === null ? null : little / 2)),
          },
        };
        const back = readStrokeCsv(writeStrokeCsv(series)).series;
        expect(back.timesS).toEqual(series.timesS);
        const plus = (values: readonly (number | null)[]) =>
          values.map((value) => (value === null ? null : value + 0));
        expect(back.channels.wristFlexion!.map((v) => (v === null ? null : v + 0))).toEqual(
          plus(series.channels.wristFlexion),
        );
      }),
    );
  });
});
