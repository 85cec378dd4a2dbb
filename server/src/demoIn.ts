import { pathToFileURL } from 'node:url';
import type { InventedStudio, InventStudio } from './seedDemo';

/**
 * The demo is a file of its own, which only `npm run demo` names, and which is read only where it is wanted: a studio in use carries no
 * invented students.
 */
export function demoIn(file: string | undefined): InventStudio | undefined {
  if (!file) return undefined;
  return async (today, demoZone) => {
    const { demoStudio } = (await import(pathToFileURL(file).href)) as DemoFile;
    return demoStudio(process.env.DEMO_PICTURES ?? '', today, demoZone);
  };
}

interface DemoFile {
  demoStudio: (pictureDir: string, ...day: Parameters<InventStudio>) => InventedStudio;
}
