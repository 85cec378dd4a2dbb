import { chromium } from '@playwright/test';
import { asUsedBefore } from './support/device';
import { CHROMIUM, CHROMIUM_FLAGS_IN_SPACE, startStudio } from './support/studio';
const studio = await startStudio();
const browser = await chromium.launch({ executablePath: CHROMIUM, args: CHROMIUM_FLAGS_IN_SPACE });
const ctx = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true, reducedMotion: 'reduce', serviceWorkers: 'block', colorScheme: (process.env.DARK ? 'dark' : 'light') });
const page = await ctx.newPage();
page.on('pageerror', (e) => console.error('PAGEERROR', e.message)); page.on('console', (m) => m.type() === 'error' && console.error('CONSOLE', m.text()));
await asUsedBefore(page);
await page.goto(studio.url); await page.getByRole('heading', { name: 'Today' }).waitFor(); await page.waitForTimeout(1500);
await page.screenshot({ path: '/tmp/l-today.png' });
await page.goto(studio.url + '/students'); await page.getByText('Noor Castellane').waitFor(); await page.waitForTimeout(800);
await page.screenshot({ path: '/tmp/l-students.png' });
const { students } = (await (await fetch(studio.url + '/api/students')).json()) as any;
const names = (process.env.NAMES ?? 'Noor Castellane,Linnea Korfus,Bram Osterlind,Osric Tidewell').split(',');
let i = 0;
for (const name of names) {
  const s = students.find((x: any) => x.student.name === name);
  await page.goto(`${studio.url}/students/${s.student.id}`);
  const flip = page.getByRole('button', { name: /: turn to/ });
  await flip.first().waitFor(); await page.waitForTimeout(900);
  await page.screenshot({ path: `/tmp/l-${i}-0.png`, clip: { x: 0, y: 0, width: 390, height: 500 } });
  for (let k = 1; k < 4; k++) { await flip.first().click(); await page.waitForTimeout(700); await page.screenshot({ path: `/tmp/l-${i}-${k}.png`, clip: { x: 0, y: 0, width: 390, height: 500 } }); }
  await flip.first().click();
  i++;
}

const shot = async (path: string, name: string, wait = 1200) => { await page.goto(studio.url + path); await page.waitForTimeout(wait); await page.screenshot({ path: `/tmp/m-${name}.png` }); };
const id = (n: string) => students.find((x: any) => x.student.name === n).student.id;
await shot('/holds', 'holds', 2500);
await shot(`/students/${id('Osric Tidewell')}/build`, 'build', 1500);
await shot(`/students/${id('Osric Tidewell')}/balance`, 'balance', 1500);
await shot(`/students/${id('Marit Solvane')}/progress`, 'progress', 2000);
await page.goto(studio.url + `/students/${id('Osric Tidewell')}/check`); await page.waitForTimeout(1000); await page.screenshot({ path: '/tmp/m-check.png' });
await browser.close(); await studio.stop?.(); process.exit(0);
