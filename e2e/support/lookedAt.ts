import { v7 as uuidv7 } from 'uuid';
import { put, putStudent } from './putStudent';
import type { RunningStudio } from './studio';

/** A look that was taken by tap: what was answered, and what the bow did. */
export interface LookByTap {
  context: string;
  taps?: readonly { measure: string; answer: object }[];
  signs?: Readonly<Record<string, boolean>>;
}

export const value = (measure: string, at: number) => ({
  measure,
  answer: { kind: 'value', value: at, sd: 1 },
});
export const category = (measure: string, name: string) => ({
  measure,
  answer: { kind: 'category', category: name },
});

/** Writes down a student with these looks, the last one today. */
export async function lookedAt(
  studio: RunningStudio,
  who: { name: string; instrument: string; holdId: string },
  looks: readonly LookByTap[],
): Promise<{ id: string; looks: string[] }> {
  const { id, setupId } = await putStudent(studio, who);
  const ids = looks.map(() => uuidv7());
  for (const [i, { context, taps = [], signs = {} }] of looks.entries()) {
    await put(studio, `/api/checks/${ids[i]}`, {
      studentId: id,
      setupId,
      takenAt: new Date(Date.now() - (looks.length - i) * 1000).toISOString(),
      context,
      grip: {
        holdId: who.holdId,
        holdVersion: 3,
        settings: {},
        bowSize: '4/4',
        middleFinger: { mm: 100, sdMm: 8 },
        relaxedHandId: null,
      },
      captures: [],
      taps,
      signs,
    });
  }
  return { id, looks: ids };
}
