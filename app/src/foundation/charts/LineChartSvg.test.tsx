import { render } from '@testing-library/react-native';
import { Path, Rect, Text as SvgText } from 'react-native-svg';
import { ThemeProvider } from '../kit/ThemeProvider';
import { CHART_MARGIN, CHART_WIDTH } from './chartBox';
import { LineChartSvg } from './LineChartSvg';
import { CHART_HEIGHT, type LineChartProps } from './lineChartProps';

const WHOLE = CHART_WIDTH - CHART_MARGIN.left - CHART_MARGIN.right;
const RIGHT = CHART_WIDTH - CHART_MARGIN.right;
const BOTTOM = CHART_HEIGHT - CHART_MARGIN.bottom;

const line = (values: readonly (number | null)[]) => ({
  id: 'wrist',
  mark: 'W',
  color: '#000000',
  points: values.map((y, x) => ({ x, y })),
});

const chart = (more: Partial<LineChartProps> = {}) =>
  render(
    <ThemeProvider>
      <LineChartSvg
        label="Wrist over the stroke"
        lines={[line([0, 20, 40])]}
        xDomain={[0, 2]}
        yMax={40}
        xWords={[
          { at: 0, word: 'heel' },
          { at: 2, word: 'point' },
        ]}
        yWord="°"
        {...more}
      />
    </ThemeProvider>,
  );

const drawn = (more?: Partial<LineChartProps>) =>
  chart(more)
    .UNSAFE_getAllByType(Path)
    .map(({ props }) => String(props.d));

const said = (more?: Partial<LineChartProps>) =>
  chart(more)
    .UNSAFE_getAllByType(SvgText)
    .map(({ props }) => props.children);

describe('a chart of lines', () => {
  it('draws a line from corner to corner of its axes', () => {
    const [path] = drawn();
    expect(path).toMatch(new RegExp(`^M${CHART_MARGIN.left},${BOTTOM}L`));
    expect(path).toMatch(new RegExp(`L${RIGHT},12$`));
  });

  it('leaves a gap where nothing was seen', () => {
    const gaps = ([path]: string[]) => path!.split('M').length - 2;
    expect(gaps(drawn())).toBe(0);
    expect(gaps(drawn({ lines: [line([0, null, 40, 30])], xDomain: [0, 3] }))).toBe(1);
  });

  it('names itself, its numbers with their unit at the top, and the places along it', () => {
    expect(chart().getByLabelText('Wrist over the stroke')).toBeTruthy();
    expect(said()).toEqual(expect.arrayContaining(['0', '20', '40 °', 'heel', 'point', 'W']));
  });

  it('shows the wanted band where it lies, an open end to the edge', () => {
    const band = { from: 0, to: 1, lo: 20, hi: undefined };
    const [rect] = chart({ bands: [band] }).UNSAFE_getAllByType(Rect);
    expect(rect!.props).toMatchObject({
      x: CHART_MARGIN.left,
      width: WHOLE / 2,
      y: 12,
      height: (BOTTOM - 12) / 2,
    });
  });

  it('names rules within the axis only, each in a row of its own', () => {
    const rule = (at: number, label: string) => ({ at, label, color: '#000000' });
    const words = said({ rulesX: [rule(0.5, 'turn'), rule(1.5, 'back'), rule(9, 'later')] });
    expect(words).toEqual(expect.arrayContaining(['turn', 'back']));
    expect(words).not.toContain('later');
  });
});
