import type { CheckInput, Group, LogEntry, Student } from '@open-palm/contract';
import type { Correction, DateOrder, ImportPreview } from '@open-palm/contract/exchange';
import type { Hold } from '@open-palm/core/holds';

/** What an import brings, worked out before anything is changed. */
export interface ImportPlan {
  preview: ImportPreview;
  students: Student[];
  holds: Hold[];
  checks: { id: string; input: CheckInput }[];
  log: LogEntry[];
  /** Groups with everybody whom a table seats in them, whole. */
  groups: Group[];
}

/** What a person said about a file: which number of a date is the day, and cells written anew. */
export interface ImportSettings {
  dateOrder: DateOrder | null;
  corrections: readonly Correction[];
}

/** What reading a file needs to know: plain data, so that another thread can be told. */
export type PlanSettings = ImportSettings & {
  /** Where a lesson or a look says none. */
  zone: string;
};

export interface Told {
  onShare?: ((share: number) => void) | undefined;
}
