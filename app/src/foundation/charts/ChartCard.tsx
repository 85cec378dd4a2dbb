import { useState, type ReactNode } from 'react';
import { Card } from '../kit/Card';
import { Text } from '../kit/Text';
import { space } from '../kit/tokens';
import { NumberTable, type TableRow } from './NumberTable';
import { ShowAsToggle } from './ShowAsToggle';

/** A chart with what it says, and its table one tap away. */
export function ChartCard({
  title,
  says,
  columns,
  rows,
  children,
}: {
  title: string;
  /** In a sentence, what is to be seen. */
  says?: string;
  /** Heads of the table's columns; the first is of what the rows are. */
  columns: readonly string[];
  rows: readonly TableRow[];
  children: ReactNode;
}) {
  const [asTable, setAsTable] = useState(false);
  return (
    <Card style={{ gap: space(2) }}>
      <ShowAsToggle title={title} asTable={asTable} onChange={setAsTable} />
      {says === undefined ? null : <Text variant="small">{says}</Text>}
      {asTable ? <NumberTable label={title} columns={columns} rows={rows} /> : children}
    </Card>
  );
}
