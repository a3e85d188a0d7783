import type { BottleRecord } from '@wellhydra/contract';
import {
  createColumnHelper,
  flexRender,
  getCoreRowModel,
  getPaginationRowModel,
  getSortedRowModel,
  useReactTable,
  type RowSelectionState,
  type SortingState,
} from '@tanstack/react-table';
import { Link } from 'expo-router';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../../ui/button';
import { Text } from '../../../ui/text';
import { PLACE_NAMES, measure } from '../bottles-view';
import { DueBadge } from '../due-badge';
import { dueView } from '../../../domain/words/due-words';
import { BulkActions } from './bulk-actions';

interface ShelfTableProps {
  readonly bottles: readonly BottleRecord[];
  readonly now: Date;
}

const column = createColumnHelper<BottleRecord>();
const PAGE_SIZE = 50;
const days = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short' });

/** Where a bottle stands, as it is called here. */
const placeOf = ({ spot, place }: BottleRecord): string => spot ?? PLACE_NAMES[place];

/** Every bottle as a row: sorted by any column, chosen to do something with many at once. */
export function ShelfTable({ bottles, now }: ShelfTableProps) {
  const [sorting, setSorting] = useState<SortingState>([{ id: 'useBy', desc: false }]);
  const [rowSelection, setRowSelection] = useState<RowSelectionState>({});
  const minute = Math.floor(now.getTime() / 60_000);
  const columns = useMemo(
    () => [
      column.accessor('drinkName', {
        header: 'Drink',
        cell: ({ row: { original }, getValue }) => (
          <Link href={`/bottles/${original.id}`} className="font-body text-14 font-bold text-ink underline">
            {getValue()}
          </Link>
        ),
      }),
      column.accessor('batch', { header: 'Batch' }),
      column.accessor(placeOf, { id: 'place', header: 'Place' }),
      column.accessor('remaining_mL', {
        header: 'Left',
        cell: ({ row: { original }, getValue }) => measure(original, getValue()),
      }),
      column.accessor('madeAt', { header: 'Made', cell: ({ getValue }) => days.format(new Date(getValue())) }),
      column.accessor('useBy', {
        header: 'Use by',
        cell: ({ getValue }) => <DueBadge due={dueView(getValue(), new Date(minute * 60_000))} />,
      }),
    ],
    [minute],
  );
  const data = useMemo(() => [...bottles], [bottles]);
  // Its functions change without telling; nothing here keeps them from one drawing to the next.
  // eslint-disable-next-line react-hooks/incompatible-library
  const table = useReactTable({
    data,
    columns,
    state: { sorting, rowSelection },
    getRowId: ({ id }) => id,
    onSortingChange: setSorting,
    onRowSelectionChange: setRowSelection,
    getCoreRowModel: getCoreRowModel(),
    getSortedRowModel: getSortedRowModel(),
    getPaginationRowModel: getPaginationRowModel(),
    initialState: { pagination: { pageSize: PAGE_SIZE } },
    // What others pour does not throw anybody back to the first page.
    autoResetPageIndex: false,
  });
  const chosen = bottles.filter(({ id }) => rowSelection[id]);
  const pages = table.getPageCount();
  return (
    <View className="gap-3">
      <BulkActions bottles={chosen} onDone={() => setRowSelection({})} />
      <div className="overflow-x-auto">
        <table className="w-full border-collapse font-body text-14 text-ink">
          <thead>
            {table.getHeaderGroups().map((group) => (
              <tr key={group.id} className="border-b-2 border-ink text-left">
                <th className="w-[44px] p-1">
                  <input
                    type="checkbox"
                    aria-label="All on this page"
                    className="h-[22px] w-[22px]"
                    checked={table.getIsAllPageRowsSelected()}
                    onChange={table.getToggleAllPageRowsSelectedHandler()}
                  />
                </th>
                {group.headers.map((header) => {
                  const sorted = header.column.getIsSorted();
                  return (
                    <th
                      key={header.id}
                      aria-sort={sorted === 'asc' ? 'ascending' : sorted === 'desc' ? 'descending' : 'none'}
                      className="p-0"
                    >
                      <button
                        type="button"
                        onClick={header.column.getToggleSortingHandler()}
                        className="min-h-[44px] w-full px-2 text-left font-bold"
                      >
                        {flexRender(header.column.columnDef.header, header.getContext())}
                        {sorted ? <span aria-hidden>{sorted === 'asc' ? ' ↑' : ' ↓'}</span> : null}
                      </button>
                    </th>
                  );
                })}
              </tr>
            ))}
          </thead>
          <tbody>
            {table.getRowModel().rows.map((row) => (
              <tr
                key={row.id}
                className={`border-b border-line ${row.getIsSelected() ? 'bg-chosen text-onchosen' : ''}`}
              >
                <td className="p-1">
                  <input
                    type="checkbox"
                    aria-label={`Choose ${row.original.drinkName}, ${row.original.batch}`}
                    className="h-[22px] w-[22px]"
                    checked={row.getIsSelected()}
                    onChange={row.getToggleSelectedHandler()}
                  />
                </td>
                {row.getVisibleCells().map((cell) => (
                  <td
                    key={cell.id}
                    className={`px-2 py-2 ${cell.column.id === 'drinkName' ? '' : 'whitespace-nowrap'}`}
                  >
                    {flexRender(cell.column.columnDef.cell, cell.getContext())}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      {pages > 1 ? (
        <View className="flex-row flex-wrap items-center gap-3">
          <Button
            label="Before"
            kind="plain"
            why={table.getCanPreviousPage() ? null : 'This is the first page'}
            onPress={() => table.previousPage()}
          />
          <Text variant="small">{`Page ${table.getState().pagination.pageIndex + 1} of ${pages}`}</Text>
          <Button
            label="Next"
            kind="plain"
            why={table.getCanNextPage() ? null : 'This is the last page'}
            onPress={() => table.nextPage()}
          />
        </View>
      ) : null}
    </View>
  );
}
