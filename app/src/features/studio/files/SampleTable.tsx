import { View } from 'react-native';
import { Text } from '../../../foundation/kit/Text';
import { useTokens } from '../../../foundation/kit/ThemeProvider';
import { space } from '../../../foundation/kit/tokens';

const CELL_WIDTH = 116;

/** The first rows of a file, wide as they are: it is scrolled sideways. */
export function SampleTable({ label, lines }: { label: string; lines: readonly string[][] }) {
  const tokens = useTokens();
  return (
    <View role="table" aria-label={label}>
      {lines.map((cells, row) => (
        <View
          key={row}
          role="row"
          style={{ flexDirection: 'row', borderBottomWidth: 1, borderColor: tokens.line }}
        >
          {cells.map((cell, i) => (
            <View
              key={i}
              role={row === 0 ? ('columnheader' as 'cell') : 'cell'}
              style={{ width: CELL_WIDTH, paddingVertical: space(1), paddingRight: space(2) }}
            >
              <Text variant={row === 0 ? 'label' : 'small'} second={row === 0} lines={1}>
                {cell}
              </Text>
            </View>
          ))}
        </View>
      ))}
    </View>
  );
}
