import { fireEvent, render, screen } from '@testing-library/react-native';
import { Choice, Choices } from './Choice';
import { Notice } from './Notice';
import { PressRow } from './PressRow';
import { Text } from './Text';
import { ThemeProvider } from './ThemeProvider';

describe('choices', () => {
  it('tell their question, which one is chosen, and what is touched', () => {
    const onPress = jest.fn();
    render(
      <ThemeProvider>
        <Choices question="Where is the thumb?">
          <Choice label="on the frog" chosen onPress={() => undefined} />
          <Choice
            label="beside it"
            accessibilityLabel="thumb beside it"
            chosen={false}
            onPress={onPress}
          />
        </Choices>
      </ThemeProvider>,
    );
    expect(screen.getByLabelText('Where is the thumb?').props.role).toBe('radiogroup');
    const [chosen, other] = screen.getAllByRole('radio');
    expect(chosen!.props.accessibilityState).toMatchObject({ checked: true });
    expect(other!.props.accessibilityState).toMatchObject({ checked: false });
    fireEvent.press(screen.getByLabelText('thumb beside it'));
    expect(onPress).toHaveBeenCalledTimes(1);
  });
});

describe('a notice', () => {
  const notice = (tone?: 'out') => {
    const [again, leave] = [jest.fn(), jest.fn()];
    render(
      <ThemeProvider>
        <Notice
          {...(tone ? { tone } : {})}
          title="Not sent"
          action={{ label: 'Try again', onPress: again }}
          further={{ label: 'Leave it', onPress: leave }}
        >
          The studio is not there.
        </Notice>
      </ThemeProvider>,
    );
    return { again, leave };
  };

  it('has two ways out, each with its own words', () => {
    const { again, leave } = notice();
    fireEvent.press(screen.getByText('Leave it'));
    expect([again.mock.calls.length, leave.mock.calls.length]).toEqual([0, 1]);
    fireEvent.press(screen.getByText('Try again'));
    expect(again).toHaveBeenCalledTimes(1);
  });

  it('interrupts only where something is wrong', () => {
    const alerts = () => screen.UNSAFE_queryAllByProps({ role: 'alert' });
    notice();
    expect(alerts()).toEqual([]);
    screen.unmount();
    notice('out');
    expect(alerts()).not.toEqual([]);
  });
});

describe('a line of a list', () => {
  it('is known by its label, tells whether it is the open one, and opens', () => {
    const onPress = jest.fn();
    const row = (chosen: boolean) => (
      <ThemeProvider>
        <PressRow label="Open Tobin’s hand file" chosen={chosen} onPress={onPress}>
          <Text>Tobin</Text>
        </PressRow>
      </ThemeProvider>
    );
    render(row(true));
    expect(screen.getByLabelText('Open Tobin’s hand file').props['aria-current']).toBe('true');
    screen.rerender(row(false));
    expect(screen.getByRole('link').props['aria-current']).toBeUndefined();
    fireEvent.press(screen.getByText('Tobin'));
    expect(onPress).toHaveBeenCalledTimes(1);
  });

  it('is a button where it does something here', () => {
    render(
      <ThemeProvider>
        <PressRow acts label="Do the test: Raise the tip" onPress={() => undefined}>
          <Text>Raise the tip</Text>
        </PressRow>
      </ThemeProvider>,
    );
    expect(screen.getByLabelText('Do the test: Raise the tip').props.role).toBe('button');
    expect(screen.queryByRole('link')).toBeNull();
  });
});
