import { v7 as uuidv7 } from 'uuid';
import { quantile } from '../../scripts/bench/readings';
import { grownStudio, rederiveSeconds, type GrownStudio } from './grownStudio';
import { saveReadings, type SaveReadings } from './saveBench';

const READS = 40;
const SAVES = 20;
const STUDENTS = 60;

export interface GrowthRow {
  checks: number;
  /** By what is asked: times, ms, and how long the answer is, KB. */
  asked: Record<string, { ms: number[]; kb: number }>;
  /** Twenty teachers at once, and everything worked out anew: where it was asked for. */
  load?: SaveReadings;
  rederived?: { looks: number; seconds: number };
}

/** How the studio answers with sixty students and this many looks. */
export async function growthRow(checks: number, isMain = false): Promise<GrowthRow> {
  const grown = await grownStudio(STUDENTS, checks);
  const { studio, studentId, setupId } = grown;
  const asked: GrowthRow['asked'] = {};
  const paths = {
    'Today and students': '/api/students',
    'hand file': `/api/students/${studentId}`,
    'whole history': `/api/students/${studentId}/history?setup=${setupId}`,
  };
  for (const [name, path] of Object.entries(paths)) {
    const ms: number[] = [];
    let kb = 0;
    for (let i = 0; i < READS; i += 1) {
      const started = performance.now();
      const answer = await (await fetch(studio.url + path)).text();
      ms.push(performance.now() - started);
      kb = answer.length / 1024;
    }
    asked[name] = { ms, kb };
  }
  asked['keeping a look'] = { ms: await saves(grown), kb: 0 };
  const load = isMain ? await saveReadings(studio) : undefined;
  await studio.stop();
  const rederived = isMain ? rederiveSeconds(studio.dataDir) : undefined;
  return { checks, asked, ...(load ? { load } : {}), ...(rederived ? { rederived } : {}) };
}

async function saves({ studio, studentId, setupId }: GrownStudio): Promise<number[]> {
  const ms: number[] = [];
  for (let i = 0; i < SAVES; i += 1) {
    const body = JSON.stringify({
      studentId,
      setupId,
      takenAt: new Date(Date.UTC(2026, 0, 1 + i)).toISOString(),
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
      taps: [{ measure: 'indexDepth', answer: { kind: 'value', value: 1.5, sd: 0.15 } }],
    });
    const started = performance.now();
    const response = await fetch(`${studio.url}/api/checks/${uuidv7()}`, {
      method: 'PUT',
      headers: {
        'Content-Type': 'application/json',
        'Open-Palm-Build': 'journey',
        Origin: studio.url,
      },
      body,
    });
    if (!response.ok) throw new Error(await response.text());
    ms.push(performance.now() - started);
  }
  return ms;
}

/** Prints how answers grow with the studio. */
export function printGrowth(rows: readonly GrowthRow[]): void {
  console.log(
    '\nlooks    ' +
      Object.keys(rows[0]!.asked)
        .map((name) => name.padStart(26))
        .join(''),
  );
  for (const { checks, asked } of rows) {
    const cells = Object.values(asked).map(({ ms, kb }) => {
      const size = kb > 0 ? ` (${kb.toFixed(0)} KB)` : '';
      return `${quantile(ms, 0.5).toFixed(1)} ms${size}`.padStart(26);
    });
    console.log(String(checks).padEnd(9) + cells.join(''));
  }
  console.log('');
}
