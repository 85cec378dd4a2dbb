import fc from 'fast-check';
import { create } from 'qrcode';
import { BadCode, CodeGatherer, fromCodes, readPart, toCodes } from './cardCode';

const entries = (days: number) =>
  Array.from({ length: days * 8 }, (_, i) => ({
    day: `2026-11-${String(1 + Math.floor(i / 8)).padStart(2, '0')}`,
    drill: ['thumb-release', 'pencil-circle', 'circles', 'even-bows'][i % 4],
    stage: 1,
    turn: 1 + (i % 2),
    seconds: 60 + ((i * 37) % 41),
    result: i % 11 === 0 ? 'hard' : 'done',
    felt: ['easy', 'fine', 'tired'][i % 3],
  }));
const log = (days: number) => ({
  v: 1,
  plan: '01935a2c-7b7a-7c31-9f0a-0123456789ab',
  card: 'a1b2c3',
  entries: entries(days),
});

describe('a log as codes', () => {
  it('comes back whole, whatever it is, and each part fits a code', () => {
    fc.assert(
      fc.property(fc.jsonValue(), (value) => {
        const codes = toCodes(value);
        for (const code of codes) expect(code.length).toBeLessThanOrEqual(300);
        expect(fromCodes(codes.join('\n'))).toEqual(JSON.parse(JSON.stringify(value)));
      }),
    );
  });

  it('keeps a space at the end of a part, which is a sign like any other', () => {
    const logs = Array.from({ length: 60 }, (_, n) => ({
      ...log(14),
      entries: entries(14).map((one, i) => ({ ...one, seconds: (i * (n + 7) * 31) % 97 })),
    }));
    const codes = logs.map((one) => toCodes(one));
    expect(codes.flat().some((part) => part.endsWith(' '))).toBe(true);
    expect(codes.map((parts) => fromCodes(parts.join('\n')))).toEqual(logs);
  });

  it('is read without what only Node has', () => {
    const buffer = globalThis.Buffer;
    const codes = toCodes(log(3));
    try {
      Reflect.deleteProperty(globalThis, 'Buffer');
      expect(fromCodes(codes.join('\n'))).toEqual(log(3));
    } finally {
      globalThis.Buffer = buffer;
    }
  });

  it('is written in the alphanumeric mode: a fortnight fits ten codes', () => {
    const codes = toCodes(log(14));
    expect(codes.length).toBeGreaterThan(1);
    expect(codes.length).toBeLessThanOrEqual(10);
    for (const code of codes) {
      const { segments } = create(code, { errorCorrectionLevel: 'L' });
      expect(segments.map(({ mode }) => mode.id)).toEqual(['Alphanumeric']);
    }
  });

  it('is gathered in any order, with parts that come twice', () => {
    const parts = toCodes(log(14)).map((code) => readPart(code)!);
    const gatherer = new CodeGatherer();
    const shuffled = [...parts].reverse();
    shuffled.splice(1, 0, shuffled[0]!);
    const whole = shuffled.map((part) => gatherer.take(part));
    expect(whole.slice(0, -1)).not.toContain(true);
    expect(whole.at(-1)).toBe(true);
    expect(gatherer.value()).toEqual(log(14));
  });

  it('begins anew with another code', () => {
    const gatherer = new CodeGatherer();
    gatherer.take(readPart(toCodes(log(14))[0]!)!);
    const other = toCodes(log(1)).map((code) => readPart(code)!);
    other.forEach((part) => gatherer.take(part));
    expect(gatherer.value()).toEqual(log(1));
  });

  it('refuses what is not ours, what is damaged, and what is not whole', () => {
    const why = (text: string) => {
      try {
        fromCodes(text);
      } catch (error) {
        return (error as BadCode).why;
      }
      return null;
    };
    expect(why('https://example.com/')).toBe('foreign');
    expect(readPart('OP1/3/2/00000000/AB')).toBeNull();
    const codes = toCodes(log(14));
    expect(why(codes.slice(1).join('\n'))).toBe('damaged');
    const last = codes[0]!.at(-1)!;
    const changed = [codes[0]!.slice(0, -1) + (last === 'A' ? 'B' : 'A'), ...codes.slice(1)];
    expect(why(changed.join('\n'))).toBe('damaged');
  });
});
