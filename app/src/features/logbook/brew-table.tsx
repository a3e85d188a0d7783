import type { LogbookSort } from '@wellhydra/contract';
import { Link } from 'expo-router';
import { Pressable, View } from 'react-native';
import { Text } from '../../ui/text';
import type { RowView } from './logbook-view';

interface Column {
  readonly name: string;
  readonly of: (row: RowView) => string;
  readonly right?: boolean;
  /** The order that a press on it asks for, and the one that a second press does. */
  readonly sorts?: readonly [LogbookSort, LogbookSort?];
}
const COLUMNS: readonly Column[] = [
  { name: 'Made', of: ({ made }) => made, sorts: ['newest', 'oldest'] },
  { name: 'Cook', of: ({ cook }) => cook },
  { name: 'Expected', of: ({ expected }) => expected, right: true },
  { name: 'Got', of: ({ got }) => got, right: true, sorts: ['got'] },
  { name: '°Brix', of: ({ brix }) => brix, right: true, sorts: ['brix'] },
  { name: 'pH', of: ({ pH }) => pH, right: true, sorts: ['pH'] },
  { name: 'Taste', of: ({ taste }) => taste, right: true, sorts: ['taste'] },
  { name: 'A serving', of: ({ cost }) => cost, right: true },
  { name: 'Left', of: ({ left }) => left },
];

interface BrewTableProps {
  readonly rows: readonly RowView[];
  readonly sort: LogbookSort;
  readonly onSort: (sort: LogbookSort) => void;
}

function Header({ name, right, sorts, sort, onSort }: Column & Omit<BrewTableProps, 'rows'>) {
  const [first, second] = sorts ?? [];
  const on = sorts?.includes(sort) ?? false;
  const downwards = sort !== 'oldest' && sort !== 'drink';
  return (
    <th
      className={`whitespace-nowrap px-2 py-1 ${right ? 'text-right' : 'text-left'}`}
      aria-sort={on ? (downwards ? 'descending' : 'ascending') : undefined}
    >
      {first ? (
        <button
          type="button"
          className="min-h-[44px] font-bold"
          onClick={() => onSort(sort === first && second ? second : first)}
        >
          {name}
          {on ? (downwards ? ' ↓' : ' ↑') : ''}
        </button>
      ) : (
        name
      )}
    </th>
  );
}

/** Every brew as a row, sorted by the server. */
export function BrewTable({ rows, sort, onSort }: BrewTableProps) {
  return (
    <div className="overflow-x-auto">
      <table className="w-full border-collapse font-body text-14 text-ink" aria-label="Brews">
        <thead>
          <tr className="border-b-2 border-ink">
            <th className="px-2 py-1 text-left">Batch</th>
            <Header name="Drink" of={({ drink }) => drink} sorts={['drink']} sort={sort} onSort={onSort} />
            {COLUMNS.map((column) => (
              <Header key={column.name} {...column} sort={sort} onSort={onSort} />
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => (
            <tr key={row.id} className="border-b border-line">
              <td className="px-2 py-2">{row.batch}</td>
              <td className="px-2 py-2">
                <Link href={`/logbook/${row.id}`} className="font-body text-14 font-bold text-ink underline">
                  {row.drink}
                </Link>
              </td>
              {COLUMNS.map(({ name, of, right }) => (
                <td
                  key={name}
                  className={`whitespace-nowrap px-2 py-2 ${right ? 'text-right' : ''} ${name === 'Got' && row.farOff ? 'font-bold text-heat' : ''}`}
                >
                  {of(row)}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

/** The same on a phone: a brew in three lines. */
export function BrewList({ rows }: Pick<BrewTableProps, 'rows'>) {
  return (
    <View role="list" aria-label="Brews">
      {rows.map((row) => (
        <View key={row.id} role="listitem" className="border-b border-line">
          <Link href={`/logbook/${row.id}`} asChild>
            <Pressable className="min-h-[56px] justify-center gap-[2px] py-2 active:bg-mist">
              <View className="flex-row items-baseline justify-between gap-3">
                <Text variant="strong" className="shrink">
                  {row.drink}
                </Text>
                <Text variant="small">{row.batch}</Text>
              </View>
              <Text variant="small">
                {row.made} · {row.cook} · {row.left === 'none' ? 'none left' : `${row.left} left`}
              </Text>
              <Text variant="small" className={row.farOff ? 'font-bold text-heat' : ''}>
                {[
                  row.expected ? `${row.got} of ${row.expected}` : row.got,
                  row.brix && `${row.brix} °Brix`,
                  row.pH && `pH ${row.pH}`,
                  row.taste && `taste ${row.taste}`,
                  row.cost && `${row.cost} a serving`,
                ]
                  .filter(Boolean)
                  .join(' · ')}
              </Text>
            </Pressable>
          </Link>
        </View>
      ))}
    </View>
  );
}
