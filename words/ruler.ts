/** What is printed on the page that the ruler is checked with. */
export const rulerPageWords = {
  title: 'Open Palm: check the ruler',
  how: 'Print this page at any size, lay it flat, hold the device right above it, and take its picture. Then touch each cross in turn.',
  bar: (mm: number) => `${mm} mm if printed at full size`,
};
