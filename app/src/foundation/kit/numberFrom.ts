/** What is typed as a number: a comma and a real minus are fine, nothing is null, the rest NaN. */
export const numberFrom = (text: string): number | null =>
  text.trim() === '' ? null : Number(text.trim().replace(',', '.').replace('−', '-'));
