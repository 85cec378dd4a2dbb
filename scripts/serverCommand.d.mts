/** How the built server is started: what to run, and with which settings. */
export function serverCommand(studio: { port: number; dataDir: string }): {
  command: string;
  args: string[];
  env: NodeJS.ProcessEnv;
};
