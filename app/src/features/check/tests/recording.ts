import type { TestResult } from '@open-palm/contract';

/** What is being recorded; tries are counted before they are a result. */
export interface Recording extends TestResult {
  tries?: readonly boolean[];
}
