import { chromium } from '@playwright/test';
import { randomUUID } from 'node:crypto';
import { CHROMIUM, CHROMIUM_FLAGS, startStudio } from './support/studio';
import { asUsedBefore, withoutFinder } from './support/device';
const uuid = () => randomUUID().replace(/^(.{8}-.{4}-)./, '$17');
const studio = await startStudio();
const browser = await chromium.launch({ executablePath: CHROMIUM, args: CHROMIUM_FLAGS });
const list = await (await fetch(`${studio.url}/api/students`)).json();
const of = (n: string) => list.students.find((s: any) => s.student.name === n).student;
const osric = of('Osric Tidewell'),
  ines = of('Ines Halvorn'),
  noor = of('Noor Castellane');
for (const [name, w, h, scheme] of [
  ['phone', 390, 844, 'light'],
  ['dark', 390, 844, 'dark'],
  ['wide', 1280, 800, 'light'],
] as const) {
  const page = await browser.newPage({
    viewport: { width: w, height: h },
    colorScheme: scheme,
    reducedMotion: 'reduce',
    serviceWorkers: 'block',
  } as any);
  await asUsedBefore(page);
  await withoutFinder(page);
  await page.goto(studio.url);
  await page.getByRole('heading', { name: 'Today' }).waitFor();
  const base = (n: number) => ({
    pictures: [],
    edit: uuid(),
    after: [],
    basedOn: n,
    madeBy: uuid(),
    at: new Date(Date.now() - 3600e3).toISOString(),
    tries: 2,
    notBefore: Date.now() + 9e9,
  });
  const input = ({ id, version, ...x }: any) => x;
  const look = {
    studentId: osric.id,
    setupId: osric.setups[0].id,
    takenAt: new Date().toISOString(),
    context: 'free',
    grip: {
      holdId: 'violin-shallow',
      holdVersion: 2,
      settings: {},
      bowSize: '4/4',
      middleFinger: { mm: 100, sdMm: 8 },
      relaxedHandId: null,
    },
    captures: [],
    taps: [{ measure: 'indexDepth', answer: { kind: 'fine' } }],
    signs: {},
    readiness: [],
  };
  const entries = [
    {
      ...base(0),
      kind: 'check',
      id: uuid(),
      studentName: ines.name,
      body: { ...look, studentId: ines.id },
    },
    {
      ...base(0),
      kind: 'log',
      id: uuid(),
      studentName: ines.name,
      body: {
        id: uuid(),
        studentId: ines.id,
        setupId: ines.setups[0].id,
        kind: 'promise',
        words: 'x',
        due: '2026-12-01',
        madeAt: new Date().toISOString(),
      },
    },
    {
      ...base(0),
      kind: 'check',
      id: uuid(),
      studentName: osric.name,
      body: look,
      stop: {
        status: 400,
        code: 'malformed',
        where: 'captures[0]',
        at: '',
        message:
          'captures[0] hand[8] (index tip) lies at 4000, 300, outside the picture of 1280 × 960.',
      },
    },
    {
      ...base(1),
      kind: 'student',
      id: noor.id,
      studentName: noor.name,
      body: { ...input(noor), birthYear: 2012, level: 'beginner' },
      conflict: {
        version: 3,
        theirs: { ...input(noor), birthYear: 2013, level: 'advanced', lesson: null },
        fields: [['birthYear'], ['level'], ['lesson']],
      },
    },
    {
      ...base(1),
      kind: 'letter',
      id: uuid(),
      studentName: ines.name,
      body: {
        title: 'Your bow hand',
        opening: 'thank you for showing me your bow hold.',
        points: ['Bend the thumb before it touches.', 'Then let the index rest on its side.'],
        closing: 'See you on Wednesday.',
        caution: '',
        captions: [],
      },
      conflict: {
        version: 2,
        theirs: {
          title: 'Your bow hand',
          opening: 'thank you for the picture.',
          points: ['Let the index rest on its side.'],
          closing: 'See you on Wednesday.',
          caution: '',
          captions: [],
        },
        fields: [['opening'], ['points']],
      },
    },
  ];
  await page.evaluate(
    (all) =>
      new Promise<void>((done) => {
        const o = indexedDB.open('open-palm-unsent');
        o.onsuccess = () => {
          const t = o.result.transaction('looks', 'readwrite');
          all.forEach((e: any, i: number) => t.objectStore('looks').put(e, '0' + i));
          t.oncomplete = () => {
            o.result.close();
            done();
          };
        };
      }),
    entries as any,
  );
  await page.reload();
  await page.getByRole('heading', { name: 'Today' }).waitFor();
  await page.waitForTimeout(3200);
  await page.screenshot({ path: `/tmp/shot-${name}-today.png` });
  await page.getByRole('button', { name: 'Look at it' }).first().click();
  await page.getByText('Changed in two places').waitFor();
  await page.screenshot({ path: `/tmp/shot-${name}-waiting.png` });
  await page.mouse.move(w / 2, h / 2);
  await page.mouse.wheel(0, 700);
  await page.waitForTimeout(300);
  await page.screenshot({ path: `/tmp/shot-${name}-waiting2.png` });
  await page.mouse.wheel(0, 3000);
  await page.waitForTimeout(300);
  await page.screenshot({ path: `/tmp/shot-${name}-waiting3.png` });
  await page.close();
}
await browser.close();
await studio.stop();
