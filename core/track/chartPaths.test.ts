import { bandPath, dotPath, whiskerPath } from './chartPaths';

describe('the paths of a chart', () => {
  const y = (value: number) => 100 - value;
  const point = (x: number, value: number, lo: number | null, hi: number | null) => ({
    x,
    y: y(value),
    value,
    sd: 5,
    lo,
    hi,
  });

  it('hold every mark of a kind in one', () => {
    const two = [point(10, 20, 0, null), point(30, 40, 0, null)];
    expect(dotPath(two, 'disc', 4).match(/M/g)).toHaveLength(2);
    expect(dotPath(two, 'square', 4)).toContain('M6.3 76.3h');
    expect(whiskerPath(two, y, [0, 78])).toBe('M10.0 75.0V78.0M30.0 55.0V65.0');
  });

  it('draw the band as it was at each look: to the edge where it is open, not where there is none', () => {
    const band = (points: ReturnType<typeof point>[]) => bandPath(points, y, [0, 100], [10, 90]);
    expect(band([point(20, 5, 20, 60), point(40, 5, 20, 60)])).toBe('M0.0 40.0H100.0V80.0H0.0z');
    expect(band([point(20, 5, 20, null)])).toBe('M0.0 10.0H100.0V80.0H0.0z');
    expect(band([point(20, 5, 20, 60), point(40, 5, 30, 60)])).toBe(
      'M0.0 40.0H30.0V80.0H0.0zM30.0 40.0H100.0V70.0H30.0z',
    );
    expect(band([point(20, 5, null, null)])).toBe('');
  });
});
