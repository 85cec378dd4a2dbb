export { Ruler as default } from '../../src/features/check/ruler/Ruler';
