/** How the built server is started: what to run, and with which settings. The demo's studio and a teacher's own lie in folders of their own. */
export function serverCommand(studio: {
  port: number;
  kind: 'demo' | 'studio';
  /** The command, for what is told when it has to be run otherwise. */
  startedBy: string;
  /** Another folder than the one of its kind. */
  dataDir?: string;
}): {
  command: string;
  args: string[];
  env: NodeJS.ProcessEnv;
};
