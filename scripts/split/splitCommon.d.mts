export function splitCommon(dist: string): { keptBytes: number; sharedBytes: number };
