import { v7 as uuidv7 } from 'uuid';
import { put, putStudent } from './putStudent';
import type { RunningStudio } from './studio';

const DAY_MS = 86_400_000;

/** What differs from week to week without anything having changed, joint units. */
const NOISE = [0.05, -0.08, 0.02, 0.09, -0.04, -0.06, 0.07, 0, -0.03, 0.06, -0.07, 0.03];
/** A slide of a little more than two errors of forming within six looks, and three more that stay there. */
const SLIDE = [0.1, 0.17, 0.25, 0.32, 0.34, 0.36, 0.35, 0.36, 0.35];

const SETTLED_U = 1.5;

/** A violinist of the test's own, looked at every week. */
export interface WeeklyStudent {
  id: string;
  setupId: string;
  name: string;
  /** Adds so many settled looks, then so many that slide: the last one was yesterday. */
  settle(): Promise<void>;
  slide(): Promise<void>;
}

/** Writes down a student whose weekly looks the test makes up. */
export async function weeklyStudent(
  studio: RunningStudio,
  name: string,
  more: object = {},
): Promise<WeeklyStudent> {
  const who = { name, instrument: 'violin', holdId: 'violin-shallow' };
  const { id, setupId } = await putStudent(studio, who, more);
  const weeks = NOISE.length + SLIDE.length;
  const look = (week: number, depth: number) =>
    put(studio, `/api/checks/${uuidv7()}`, {
      studentId: id,
      setupId,
      takenAt: new Date(Date.now() - DAY_MS - (weeks - 1 - week) * 7 * DAY_MS).toISOString(),
      context: 'playing-start',
      grip: {
        holdId: 'violin-shallow',
        holdVersion: 2,
        settings: {},
        bowSize: '4/4',
        middleFinger: { mm: 100, sdMm: 8 },
        relaxedHandId: null,
      },
      captures: [],
      taps: [
        { measure: 'thumbIpFlexion', answer: { kind: 'value', value: 35, sd: 5 } },
        { measure: 'indexDepth', answer: { kind: 'value', value: depth, sd: 0.15 } },
      ],
    });
  return {
    id,
    setupId,
    name,
    async settle() {
      for (const [week, by] of NOISE.entries()) await look(week, SETTLED_U + by);
    },
    async slide() {
      for (const [i, by] of SLIDE.entries()) await look(NOISE.length + i, SETTLED_U + by);
    },
  };
}

/** The date so many days from today, as the device's calendar has it. */
export function dateIn(days: number): string {
  const at = new Date();
  at.setDate(at.getDate() + days);
  return at.toLocaleDateString('sv');
}
