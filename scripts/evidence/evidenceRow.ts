/** How a number is founded: said in a source, found by our own simulation, done by teachers as a rule, or recalled. */
export type Evidence = 'published' | 'measured' | 'practice' | 'memory';

/** A number that judges, or a few that belong together. */
export interface EvidenceRow {
  what: string;
  value: string;
  evidence: Evidence;
  /** The source where it is published, as its mark names it. */
  source: string;
  /** The file that reads it. */
  used: string;
  decides: string;
}

/** What an evidence mark of the data says. */
export function evidenceOf(mark: unknown): Pick<EvidenceRow, 'evidence' | 'source'> {
  if (mark === 'practice' || mark === 'memory') return { evidence: mark, source: '' };
  if (typeof mark === 'object' && mark !== null && 'published' in mark) {
    return { evidence: 'published', source: String(mark.published) };
  }
  throw new Error(`no evidence is called ${JSON.stringify(mark)}`);
}
