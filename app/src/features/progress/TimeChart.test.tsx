import { render } from '@testing-library/react-native';
import { Path, Text as SvgText } from 'react-native-svg';
import { ThemeProvider } from '../../foundation/kit/ThemeProvider';
import { TimeChart } from './TimeChart';
import type { ProgressPoint } from './progressPoints';

const WEEK_MS = 7 * 86_400_000;
const START = Date.UTC(2020, 0, 1);
const STATES = ['in', 'unsure', 'out'] as const;

const points = (count: number): ProgressPoint[] =>
  Array.from({ length: count }, (_, i) => ({
    checkId: String(i),
    at: START + i * WEEK_MS,
    value: 30 + (i % 7),
    sd: 5,
    lo: 20,
    hi: 60,
    state: STATES[i % 3]!,
    series: 'thumbIpFlexion',
  }));

const chart = (count: number) =>
  render(
    <ThemeProvider>
      <TimeChart
        label="Thumb over the weeks"
        points={points(count)}
        span={[START, START + count * WEEK_MS]}
        axis={{ unit: '°', heading: '' }}
        restarts={[{ at: START + WEEK_MS, word: 'new bow' }]}
      />
    </ThemeProvider>,
  );

describe('a chart over the weeks', () => {
  it('draws five hundred looks with no more shapes than five', () => {
    const shapes = (count: number) => chart(count).UNSAFE_getAllByType(Path).length;
    expect(shapes(500)).toBe(shapes(5));
  });

  it('names itself, its planned changes and its values', () => {
    const { getByLabelText, UNSAFE_getAllByType } = chart(12);
    expect(getByLabelText('Thumb over the weeks')).toBeTruthy();
    const said = UNSAFE_getAllByType(SvgText).map(({ props }) => props.children);
    expect(said).toEqual(expect.arrayContaining(['new bow', '40°', '1 Jan']));
  });
});
