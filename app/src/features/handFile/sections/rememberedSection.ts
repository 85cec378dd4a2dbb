import { remembered } from '../../../foundation/kit/remembered';

/** What a hand file tells beside its first screen. */
export const SECTIONS = ['now', 'weeks', 'agreed', 'looks'] as const;
export type Section = (typeof SECTIONS)[number];

const section = remembered('open-palm.hand-file.section', SECTIONS, 'now');

/** The section that is open on this device, for every student, and how to open another. */
export const useSection = () => section.use();
