/** What is asked of a machine before anything is downloaded. */
export interface Machine {
  installed: boolean;
  built: boolean;
  freeMb: number;
  has: (tool: string) => boolean;
  platform: NodeJS.Platform;
}

/** Why this machine cannot install, build or run Open Palm: one sentence, with the command that helps; null when nothing is in the way. */
export function obstacle(startedBy: string, machine?: Machine): string | null;
