import { readFileSync } from 'node:fs';
import { isWorkedOut, type RunningStudio } from '../support/studio';
import { makeSubject, save } from './subject';

const CHECKS = 200;
const READS = 300;

/** Fills one student's hand file with 200 checks, then reads it again and again. */
export async function serverReadings(
  studio: RunningStudio,
): Promise<{ readMs: number[]; saveMs: number[]; memoryMb: number }> {
  const subject = await makeSubject(studio.url);
  const saveMs: number[] = [];
  for (let i = 0; i < CHECKS; i += 1) {
    saveMs.push(await save(studio.url, subject, new Date(Date.UTC(2025, 0, 1 + i))));
  }
  await isWorkedOut(studio.url);
  const readMs: number[] = [];
  for (let i = 0; i < READS; i += 1) {
    const started = performance.now();
    const response = await fetch(`${studio.url}/api/students/${subject.studentId}`);
    const handFile = (await response.json()) as { history: unknown[] };
    readMs.push(performance.now() - started);
    if (handFile.history.length !== CHECKS) throw new Error('The hand file is not whole.');
  }
  return { readMs, saveMs, memoryMb: residentMb(studio.process.pid!) };
}

/** Memory that the process really holds, MB. */
export function residentMb(pid: number): number {
  const status = readFileSync(`/proc/${pid}/status`, 'utf8');
  return Number(/VmRSS:\s+(\d+)/.exec(status)![1]) / 1024;
}
