/** What a planned change may be of: the school, the bow, the bow's size. Each is a new beginning. */
export const RESTARTS = ['school', 'bow', 'size'] as const;
