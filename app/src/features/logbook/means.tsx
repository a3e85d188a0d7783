import { scaleLinear } from 'd3-scale';
import { useState } from 'react';
import { View } from 'react-native';
import { Choice } from '../../ui/choice';
import { Text } from '../../ui/text';
import { MEANS_COLUMNS, MEANS_FIGURES, type MeansFigure, type MeansRow } from './logbook-view';

const LABELS: Readonly<Record<MeansFigure, string>> = {
  brix: '°Brix',
  pH: 'pH',
  taste: 'Taste',
  cost: 'Cost',
  minutes: 'Time',
};

/** One of the means as bars, the table under it has them all. */
function MeansDrawing({ title, rows }: { readonly title: string; readonly rows: readonly MeansRow[] }) {
  const known = MEANS_FIGURES.filter((figure) => rows.some(({ values }) => values[figure] !== null));
  const [chosen, setChosen] = useState<MeansFigure | null>(null);
  const figure = chosen && known.includes(chosen) ? chosen : known[0];
  if (!figure) return null;
  const drawn = rows.filter(({ values }) => values[figure] !== null);
  const length = scaleLinear([0, Math.max(...drawn.map(({ values }) => values[figure]!), Number.MIN_VALUE)], [0, 100]);
  const column = MEANS_COLUMNS.indexOf(LABELS[figure] as (typeof MEANS_COLUMNS)[number]);
  return (
    <View className="gap-2 pb-2">
      <Choice
        label={`${title}, drawn`}
        options={known.map((value) => ({ value, label: LABELS[value] }))}
        value={figure}
        onChange={setChosen}
      />
      <View
        role="img"
        aria-label={`${title}, ${LABELS[figure]}: ${drawn.map(({ name, cells }) => `${name} ${cells[column]}`).join('; ')}`}
        className="gap-2"
      >
        {drawn.map(({ name, values, cells }) => (
          <View key={name} className="gap-1">
            <View className="flex-row justify-between gap-2">
              <Text variant="small" className="shrink">
                {name}
              </Text>
              <Text variant="small">{cells[column]}</Text>
            </View>
            <View className="h-[8px] rounded-full bg-line">
              <View className="h-full rounded-full bg-teal" style={{ width: `${length(values[figure]!)}%` }} />
            </View>
          </View>
        ))}
      </View>
    </View>
  );
}

/** Means as a table: nothing stands where nothing is known. */
export function Means({
  title,
  of,
  rows,
}: {
  readonly title: string;
  /** What each row is. */
  readonly of: string;
  readonly rows: readonly MeansRow[];
}) {
  if (rows.length === 0) return null;
  return (
    <View className="flex-1 gap-1 md:min-w-[420px]">
      <Text variant="heading">{title}</Text>
      <MeansDrawing title={title} rows={rows} />
      <div className="overflow-x-auto">
        <table className="w-full border-collapse font-body text-14 text-ink" aria-label={title}>
          <thead>
            <tr className="border-b-2 border-ink">
              <th className="py-1 text-left">{of}</th>
              {MEANS_COLUMNS.map((column) => (
                <th key={column} className="px-2 py-1 text-right">
                  {column}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map(({ name, cells }) => (
              <tr key={name} className="border-b border-line">
                <th className="py-1 pr-2 text-left font-normal">{name}</th>
                {cells.map((cell, index) => (
                  <td key={MEANS_COLUMNS[index]} className="whitespace-nowrap px-2 py-1 text-right">
                    {cell}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </View>
  );
}
