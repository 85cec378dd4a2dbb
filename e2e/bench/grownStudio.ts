import { spawnSync } from 'node:child_process';
import { isWorkedOut, ROOT, startStudio, type RunningStudio } from '../support/studio';

export interface GrownStudio {
  studio: RunningStudio;
  /** One of the added students. */
  studentId: string;
  setupId: string;
}

/** A demo studio with so many more students and looks. */
export async function grownStudio(students: number, checks: number): Promise<GrownStudio> {
  const filled = await startStudio();
  await filled.stop();
  const args = ['server/bench/growDatabase.ts', filled.dataDir, String(students), String(checks)];
  const { status, stderr } = spawnSync(process.execPath, ['--import', 'tsx', ...args], {
    cwd: ROOT,
    encoding: 'utf8',
  });
  if (status !== 0) throw new Error(stderr);
  // What was never worked out is worked out when the studio opens.
  const studio = await startStudio(filled.dataDir);
  await isWorkedOut(studio.url);
  const first = (kind: number) => `01900000-000${kind}-7000-8000-000000000000`;
  return { studio, studentId: first(1), setupId: first(2) };
}

/** Works all looks of a stopped studio out anew, as a person would: s. */
export function rederiveSeconds(dataDir: string): { looks: number; seconds: number } {
  const { stdout, stderr } = spawnSync(process.execPath, ['scripts/rederive.mjs'], {
    cwd: ROOT,
    encoding: 'utf8',
    env: { ...process.env, DATA_DIR: dataDir },
  });
  const found = /(\d+) looks were worked out anew in ([\d.]+) s/.exec(stdout);
  if (!found) throw new Error(stdout + stderr);
  return { looks: Number(found[1]), seconds: Number(found[2]) };
}
