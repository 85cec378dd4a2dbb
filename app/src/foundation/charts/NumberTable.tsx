import { View, type ViewStyle } from 'react-native';
import { Text } from '../kit/Text';
import { useTokens } from '../kit/ThemeProvider';
import { space } from '../kit/tokens';

/** A row of numbers, already as words. */
export interface TableRow {
  id: string;
  head: string;
  cells: readonly string[];
}

/** A plain table of numbers. */
export function NumberTable({
  label,
  columns,
  rows,
}: {
  label: string;
  columns: readonly string[];
  rows: readonly TableRow[];
}) {
  const tokens = useTokens();
  const line: ViewStyle = {
    flexDirection: 'row',
    gap: space(2),
    paddingVertical: space(1.5),
    borderBottomWidth: 1,
    borderColor: tokens.line,
  };
  const cell = (i: number): ViewStyle => ({
    flex: i === 0 ? 1.6 : 1,
    alignItems: i === 0 ? 'flex-start' : 'flex-end',
  });
  return (
    <View role="table" aria-label={label}>
      <View role="row" style={line}>
        {columns.map((column, i) => (
          <View key={column} role={'columnheader' as 'cell'} style={cell(i)}>
            <Text variant="label" second>
              {column}
            </Text>
          </View>
        ))}
      </View>
      {rows.map(({ id, head, cells }) => (
        <View key={id} role="row" style={line}>
          <View role={'rowheader' as 'cell'} style={cell(0)}>
            <Text variant="small">{head}</Text>
          </View>
          {cells.map((text, i) => (
            <View key={columns[i + 1]} role="cell" style={cell(i + 1)}>
              <Text variant="small">{text}</Text>
            </View>
          ))}
        </View>
      ))}
    </View>
  );
}
