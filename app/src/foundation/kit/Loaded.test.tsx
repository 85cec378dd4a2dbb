import { act, fireEvent, render, screen } from '@testing-library/react-native';
import { strings } from '../strings';
import { lazyPart, whenPartIsMissing } from './lazyPart';
import { Loaded } from './Loaded';
import { Text } from './Text';
import { ThemeProvider } from './ThemeProvider';

const shown = (from: { data?: string; error?: Error; retry?: () => void }) =>
  render(
    <ThemeProvider>
      <Loaded
        from={{ data: from.data, error: from.error, retry: from.retry ?? (() => undefined) }}
        meanwhile={<Text>what is known</Text>}
      >
        {(data) => <Text>{data}</Text>}
      </Loaded>
    </ThemeProvider>,
  );

describe('what is loaded', () => {
  it('is shown, even where asking again has failed', () => {
    shown({ data: 'hand file', error: new Error('gone') });
    expect(screen.getByText('hand file')).toBeTruthy();
    expect(screen.queryByText('gone')).toBeNull();
  });

  it('tells why it could not be, with a way to try again, and hides nothing that is known', () => {
    const retry = jest.fn();
    shown({ error: new Error('The studio is not there.'), retry });
    expect(screen.getByText('The studio is not there.')).toBeTruthy();
    expect(screen.getByText('what is known')).toBeTruthy();
    fireEvent.press(screen.getByText(strings.loading.retry));
    expect(retry).toHaveBeenCalledTimes(1);
  });

  it('says that it is on its way', () => {
    shown({});
    expect(screen.getByLabelText(strings.loading.busy)).toBeTruthy();
    expect(screen.getByText('what is known')).toBeTruthy();
  });
});

describe('a part of the program that comes later', () => {
  const Chart = ({ name }: { name: string }) => <Text>{name}</Text>;
  const on = async (Part: (props: { name: string }) => React.ReactNode) => {
    render(
      <ThemeProvider>
        <Part name="wrist" />
      </ThemeProvider>,
    );
    await act(async () => undefined);
  };

  it('is asked for once, and shown at once from then on', async () => {
    const load = jest.fn(async () => Chart);
    const Part = lazyPart(load, () => ({ minHeight: 10 }));
    await on(Part);
    expect(screen.getByText('wrist')).toBeTruthy();
    screen.unmount();
    render(
      <ThemeProvider>
        <Part name="thumb" />
      </ThemeProvider>,
    );
    expect(screen.getByText('thumb')).toBeTruthy();
    expect(load).toHaveBeenCalledTimes(1);
  });

  it('says so when it does not come, tells who has to know, and can be asked for again', async () => {
    const missing = jest.fn();
    whenPartIsMissing(missing);
    const load = jest
      .fn<Promise<typeof Chart>, []>()
      .mockRejectedValueOnce(new Error('no network'))
      .mockResolvedValueOnce(Chart);
    await on(lazyPart(load, () => ({ minHeight: 10 })));
    expect(screen.getByText(strings.charts.failed)).toBeTruthy();
    expect(missing).toHaveBeenCalledTimes(1);
    await act(async () => fireEvent.press(screen.getByText(strings.loading.retry)));
    expect(screen.getByText('wrist')).toBeTruthy();
  });
});
