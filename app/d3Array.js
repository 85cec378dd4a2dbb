/** What the app uses of d3-array: the whole package is a tenth of what a phone loads first. */
export { default as quantile } from '../node_modules/d3-array/src/quantile.js';
export { default as ticks } from '../node_modules/d3-array/src/ticks.js';
