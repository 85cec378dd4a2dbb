import type { TrustFigure } from '@open-palm/words/trust';

const INK = '#1E1B16';
const AMBER = '#B4690E';
const row = (y: number, touched = false): string =>
  `<rect x="13" y="${y}" width="30" height="7" rx="2" fill="${touched ? AMBER : '#E4DAC7'}"/>`;

/** What is touched, drawn into a phone: in amber. */
const INSIDE: Record<TrustFigure, string> = {
  download: `<path d="M28 24v20m-8-8 8 8 8-8M18 52h20" fill="none" stroke="${AMBER}" stroke-width="4" stroke-linecap="round" stroke-linejoin="round"/>`,
  settings: row(18, true) + row(30) + row(42) + row(54),
  install: `${row(18)}${row(30)}<rect x="13" y="50" width="30" height="12" rx="4" fill="${AMBER}"/>`,
  switch: `${row(18)}${row(30)}<rect x="19" y="46" width="22" height="12" rx="6" fill="${AMBER}"/><circle cx="35" cy="52" r="4.5" fill="#FFFDF8"/>`,
  ok: `<path d="m18 42 7 7 14-15" fill="none" stroke="${AMBER}" stroke-width="4" stroke-linecap="round" stroke-linejoin="round"/>`,
};

/** A step as a small drawing; the sentence beside it says the same. */
export const stepFigure = (figure: TrustFigure): string =>
  `<svg width="56" height="84" viewBox="0 0 56 84" aria-hidden="true"><rect x="5" y="3" width="46" height="78" rx="8" fill="#FFFDF8" stroke="${INK}" stroke-width="2.5"/><path d="M23 9h10" stroke="${INK}" stroke-width="2.5" stroke-linecap="round"/>${INSIDE[figure]}</svg>`;
