import { startStudio } from '../support/studio';
import { accessBench } from './accessBench';
import { badgeTimes } from './badgeBench';
import { carryReadings } from './carryBench';
import { clipReadings } from './clipBench';
import { dragTimes, balanceTimes } from './dragBench';
import { firstLoadKb } from './firstLoad';
import { growthRow, printGrowth } from './growthBench';
import { quantile, report } from '../../scripts/bench/readings';
import { serverReadings } from './serverBench';
import { stationTimes, tapCheckSeconds } from './tapBench';
import { confirmedSeconds, memoryGrowthMb, readySeconds, searchTimes } from './visionBench';
import { progressTimes } from './progressBench';
import { rowTimes } from './rowBench';
import { workerTimes } from './workerBench';

const FRAME_MS = 1000 / 60;

/** Speeds and memory of the built app and its server on this machine, with the targets they are held against. */
const judged =
  await workerTimes<Record<'twelve' | 'sixteen' | 'twenty', number[]>>('op/bench/judgeBench.ts');
report('what to work on, 12 present signs, in a worker', quantile(judged.twelve, 0.5), 'ms', 20);
report('the same, 16 present signs', quantile(judged.sixteen, 0.5), 'ms', 500);
report('the same, 20 present signs', quantile(judged.twenty, 0.5), 'ms', 500);

const fitted = await workerTimes<Record<'one' | 'two', number[]>>('op/bench/fitBench.ts');
report('a hand fitted to two pictures, in a worker, median', quantile(fitted.two, 0.5), 'ms', 700);
report('the same to one picture', quantile(fitted.one, 0.5), 'ms');

const fillingFrom = performance.now();
const forServer = await startStudio();
report(
  'filling the demo studio, and two starts',
  (performance.now() - fillingFrom) / 1000,
  's',
  20,
);
const { readMs, saveMs, memoryMb } = await serverReadings(forServer);
await forServer.stop();
report('hand file with 200 checks, 95th percentile', quantile(readMs, 0.95), 'ms', 20);
report('hand file with 200 checks, median', quantile(readMs, 0.5), 'ms');
report('keeping a check, synced to disk, median', quantile(saveMs, 0.5), 'ms');
report('memory of the server after that, its threads too', memoryMb, 'MB', 200);

await accessBench();
await carryReadings();

const growth = [];
for (const checks of [1000, 12_000, 100_000]) {
  growth.push(await growthRow(checks, checks === 12_000));
}
report(
  'Today, 60 students and 12,000 looks, 95th percentile',
  quantile(growth[1]!.asked['Today and students']!.ms, 0.95),
  'ms',
  50,
);
const { load, rederived } = growth[1]!;
report('keeping a look: how much of a bare insert’s speed', load!.ofBare, '×');
console.log(
  `  (target at least 0.5: bare ${load!.bareMs.toFixed(1)} ms, a look ${load!.realMs.toFixed(1)} ms)`,
);
report('20 clients saving looks, 99th percentile', load!.loadP99Ms, 'ms', 100);
report('the same: most over least saves of a client', load!.mostOverLeast, '×', 1.5);
report('the same: saves a second', load!.perSecond, '/s');
report('Today while they save, 95th percentile', load!.todayP95Ms, 'ms', 60);
report('memory of the server after that load, its threads too', load!.memoryMb, 'MB', 200);
report(`working ${rederived!.looks} looks out anew`, rederived!.seconds, 's');
printGrowth(growth);

const weeksMs = await progressTimes();
report('500 looks: figures painted after their data, median', quantile(weeksMs, 0.5), 'ms', 300);
report('the same, longest', quantile(weeksMs, 1), 'ms', 300);

const forLoad = await startStudio();
// 559 KB before the full breakdown; it may cost 60 KB more.
report('first load, all scripts as sent', await firstLoadKb(forLoad), 'KB', 380);
await forLoad.stop();

const forDrag = await startStudio();
const { work, painted } = await dragTimes(forDrag);
await forDrag.stop();
report(
  `dragging, move to changed page, median of ${work.length}`,
  quantile(work, 0.5),
  'ms',
  FRAME_MS,
);
report('dragging, move to changed page, 95th percentile', quantile(work, 0.95), 'ms');
report('dragging, move to painted frame, median', quantile(painted, 0.5), 'ms', FRAME_MS);
report('dragging, move to painted frame, 95th percentile', quantile(painted, 0.95), 'ms');

const forLever = await startStudio();
const lever = await balanceTimes(forLever);
const badges = await badgeTimes(forLever);
await forLever.stop();
report(
  `a finger on the lever, move to changed page, median of ${lever.work.length}`,
  quantile(lever.work, 0.5),
  'ms',
  FRAME_MS,
);
report('the same, 95th percentile', quantile(lever.work, 0.95), 'ms');
report(
  'a finger on the lever, move to painted frame, median',
  quantile(lever.painted, 0.5),
  'ms',
  FRAME_MS,
);
report('sixty badges painted in one go, median', quantile(badges, 0.5), 'ms', 120);

const forTaps = await startStudio();
const stationMs = await stationTimes(forTaps);
report(
  `station, tap to painted frame, median of ${stationMs.length}`,
  quantile(stationMs, 0.5),
  'ms',
  FRAME_MS,
);
report('station, tap to painted frame, 95th percentile', quantile(stationMs, 0.95), 'ms');
const { seconds, taps } = await tapCheckSeconds(forTaps);
report(`a clean look by tap, ${taps} taps at one a second`, seconds, 's', 60);
await forTaps.stop();

const forRow = await startStudio();
const row = await rowTimes(forRow);
await forRow.stop();
report('a group of 35 with a year of walks, asked for, median', quantile(row.askedMs, 0.5), 'ms');
report('the same opened, touch to its screen, median', quantile(row.openedMs, 0.5), 'ms', 300);
report('the same, longest', quantile(row.openedMs, 1), 'ms');
report('a tap in its walk to the next player, median', quantile(row.tapMs, 0.5), 'ms', FRAME_MS);
report('the same, 95th percentile', quantile(row.tapMs, 0.95), 'ms');

const forVision = await startStudio();
const ready = await readySeconds(forVision);
report('hand finder ready after opening Measure, first time', ready.first, 's');
report('the same, a second time', ready.again, 's', 2);
const searchMs = await searchTimes(forVision);
report(
  `finding the hand in a picture, in the worker, median of ${searchMs.length}`,
  quantile(searchMs, 0.5),
  'ms',
  400,
);
report('the same, longest (searched all round)', Math.max(...searchMs), 'ms', 1000);
const clip = await clipReadings(forVision);
report('a clip of ten seconds, machine time to its curve', clip.seconds, 's', 30);
report('page while it is read, most', clip.mostMb, 'MB', 300);
report('page before it was opened', clip.beforeMb, 'MB');
report('page after the screen was left', clip.afterMb, 'MB');
const grown = await memoryGrowthMb(forVision);
report('page after 30 pictures, growth of what it holds', grown.held, 'MB', 50);
report('the same, with the browser’s cache of pictures', grown.withCache, 'MB');
for (const [what, student] of [
  ['of who had no look', 'Osric Tidewell'],
  ['of who had looks', 'Edda Marlowe-Quist'],
] as const) {
  const confirmed = await confirmedSeconds(forVision, student);
  report(
    `picture to confirmed numbers, ${what}, ${confirmed.taps} taps`,
    confirmed.seconds,
    's',
    25,
  );
}
await forVision.stop();
