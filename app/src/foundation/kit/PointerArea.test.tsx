import { fireEvent, render } from '@testing-library/react-native';
import { View } from 'react-native';
import { PointerArea } from './PointerArea';

function area(value: number | null) {
  const onTake = jest.fn();
  const { getByLabelText } = render(
    <PointerArea
      label="Ring finger"
      value={value}
      valueText=""
      min={0}
      max={3}
      onMove={() => undefined}
      onTake={onTake}
      onStep={() => undefined}
    >
      <View />
    </PointerArea>,
  );
  fireEvent(getByLabelText('Ring finger'), 'keyDown', {
    key: 'Enter',
    shiftKey: false,
    preventDefault: () => undefined,
    stopPropagation: () => undefined,
  });
  return onTake;
}

describe('a drawing that is touched', () => {
  it('gives what was chosen', () => {
    expect(area(1.4)).toHaveBeenCalledTimes(1);
  });

  it('gives nothing that nobody chose', () => {
    expect(area(null)).not.toHaveBeenCalled();
  });
});
