/** Names of icons that stand in a text. */
export function namesIn(text: string): string[];
/** The file as it is to be. */
export function glyphsFile(): string;
export const GLYPHS_FILE: string;
