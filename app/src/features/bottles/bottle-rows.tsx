import { dryVolume } from '@wellhydra/core/serving';
import X from 'lucide-react-native/icons/x';
import { View } from 'react-native';
import { useRunContext } from '../../domain/run/use-run-context';
import { Button } from '../../ui/button';
import { Field } from '../../ui/field';
import { IconButton } from '../../ui/icon-button';
import { Text } from '../../ui/text';
import { Toggle } from '../../ui/toggle';
import { TRAITS, dryVesselRow, isSo, scoopsRow, vesselRow, type BottleRow, type Trait } from './fill-bottles';
import { glassWords } from './glass-words';
import type { PartForm } from './use-bottle-form';

/** Rows of bottles by size, and the kitchen's own to choose from. */
export function BottleRows({ part }: { readonly part: PartForm }) {
  const { rows, filled, dry, setRows } = part;
  const wrong = (row: number, field: 'count' | 'size') =>
    filled.kind === 'wrong' && filled.row === row && filled.field === field ? filled.message : undefined;
  const change = (at: number, by: Partial<BottleRow>) =>
    setRows(rows.map((row, index) => (index === at ? { ...row, ...by } : row)));
  return (
    <>
      {rows.map((row, index) => (
        <View key={index} className="gap-1">
          <View className="flex-row items-start gap-3">
            <View className="w-[100px]">
              <Field
                label={dry ? 'Jars' : 'Bottles'}
                inputMode="numeric"
                value={row.count}
                onChangeText={(count) => change(index, { count })}
                error={wrong(index, 'count')}
              />
            </View>
            <View className="flex-1">
              <Field
                label="Filled with, each"
                value={row.size}
                onChangeText={(size) => change(index, { size })}
                error={wrong(index, 'size')}
              />
            </View>
            <View className="pt-6">
              <IconButton
                icon={X}
                label="Leave these out"
                onPress={() => setRows(rows.filter((_row, at) => at !== index))}
              />
            </View>
          </View>
          <Glass row={row} dry={dry} onChange={(traits) => change(index, { traits: { ...row.traits, ...traits } })} />
        </View>
      ))}
      <OwnVessels part={part} />
      {rows.length > 0
        ? glassWords(part).map((words) => (
            <Text key={words} variant="small">
              {words}
            </Text>
          ))
        : null}
    </>
  );
}

const TRAIT_NAMES: Readonly<Record<Trait, string>> = { dark: 'Dark', heatSafe: 'Heat-safe', reused: 'Re-used' };

/** What is said of the glass of a row. */
function Glass({
  row,
  dry,
  onChange,
}: {
  readonly row: BottleRow;
  readonly dry: boolean;
  readonly onChange: (traits: Partial<Record<Trait, boolean>>) => void;
}) {
  return (
    <View role="group" aria-label={dry ? 'The jar' : 'The glass'} className="flex-row flex-wrap gap-x-4">
      {TRAITS.filter((trait) => !dry || trait !== 'heatSafe').map((trait) => (
        <View key={trait}>
          <Toggle
            label={TRAIT_NAMES[trait]}
            value={isSo(row, trait)}
            onChange={(value) => onChange({ [trait]: value })}
          />
        </View>
      ))}
    </View>
  );
}

/** The kitchen's own bottles and jars, with room at the top; a dry mix by the jar or in single scoops. */
function OwnVessels({ part: { rows, dry, analysis, setRows } }: { readonly part: PartForm }) {
  const { containers } = useRunContext().settings;
  const { pot } = analysis.trace;
  const loose_mL = dry ? dryVolume(pot) : 0;
  const serving_g = dry ? (analysis.serving?.mass_g ?? null) : null;
  if (containers.length === 0 && serving_g === null) return null;
  const last = rows.at(-1)?.count ?? '1';
  const put = (row: BottleRow) => setRows([...rows.slice(0, -1), row]);
  return (
    <View className="gap-1">
      <Text variant="small">Of the kitchen’s own, with room at the top:</Text>
      <View className="flex-row flex-wrap gap-2">
        {serving_g === null ? null : (
          <Button
            label="Single scoops"
            hint="Fill single scoops"
            kind="plain"
            onPress={() => setRows([scoopsRow(pot.mass_g, serving_g)])}
          />
        )}
        {containers.map((container) => (
          <Button
            key={container.name}
            label={container.name}
            hint={`Fill ${container.name}`}
            kind="plain"
            onPress={() => put(dry ? dryVesselRow(container, last, pot.mass_g / loose_mL) : vesselRow(container, last))}
          />
        ))}
      </View>
    </View>
  );
}
