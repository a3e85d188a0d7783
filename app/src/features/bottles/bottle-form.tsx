import type { Place } from '@wellhydra/contract/places';
import type { Analysis } from '@wellhydra/core/analyse';
import { placesByKeeping, bottleUseBy, type Keeping } from '@wellhydra/core/keeping';
import { formatNumber, formatPortion } from '@wellhydra/core/quantity';
import X from 'lucide-react-native/icons/x';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../ui/button';
import { Choice } from '../../ui/choice';
import { Field } from '../../ui/field';
import { IconButton } from '../../ui/icon-button';
import { Text } from '../../ui/text';
import { PLACE_NAMES, dateWords } from './bottles-view';
import { useRunContext } from '../../domain/run/use-run-context';
import {
  fillBottles,
  fillWords,
  suggestBottles,
  vesselRow,
  type BottleRow,
  type FilledBottles,
  type Rest,
} from './fill-bottles';

export interface BottleFormState {
  readonly rows: readonly BottleRow[];
  readonly place: Place;
  /** A place of the kitchen's own. */
  readonly spot: string | null;
  readonly filled: FilledBottles;
  /** What becomes of what no bottle takes, once it is said. */
  readonly rest: Rest | null;
  readonly dry: boolean;
  readonly keeping: Keeping | null;
  /** Everything that has to be said is said. */
  readonly complete: boolean;
  readonly setRows: (rows: readonly BottleRow[]) => void;
  readonly setPlace: (place: Place, spot?: string | null) => void;
  readonly setRest: (rest: Rest) => void;
}

/** What a drink fills, as it is being said; it begins with what would fit. */
export function useBottleForm(analysis: Analysis): BottleFormState {
  const dry = analysis.liquid === null;
  const made = analysis.liquid?.volume_mL ?? analysis.trace.pot.mass_g;
  const named = analysis.trace.entries.findLast(({ filled }) => filled !== undefined)?.filled;
  const [rows, setRows] = useState<readonly BottleRow[]>(() => [
    dry ? { count: '1', size: `${formatNumber(made)} g` } : suggestBottles(made, named),
  ]);
  const { keeping } = analysis;
  const [where, setWhere] = useState<{ readonly place: Place; readonly spot: string | null }>(() => ({
    place: keeping ? placesByKeeping(keeping)[0]!.place : 'fridge',
    spot: null,
  }));
  const [rest, setRest] = useState<Rest | null>(null);
  const filled = fillBottles(rows, made, dry);
  const complete = filled.kind === 'bottles' && (filled.rest_mL === 0 || rest !== null);
  const setPlace = (place: Place, spot: string | null = null) => setWhere({ place, spot });
  return { rows, ...where, filled, rest, dry, keeping, complete, setRows, setPlace, setRest };
}

/** Bottles as they cross to the server, and what was drunk at once. */
export function fillingOf({ filled, place, spot, rest }: BottleFormState) {
  if (filled.kind !== 'bottles') return { bottles: [] };
  return {
    bottles: filled.volumes_mL.map((volume_mL, index) => {
      const vessel = filled.vessels[index];
      return { id: crypto.randomUUID(), volume_mL, place, ...(spot ? { spot } : {}), ...(vessel ? { vessel } : {}) };
    }),
    ...(rest === 'drunk' && filled.rest_mL > 0 ? { drunk_mL: filled.rest_mL } : {}),
  };
}

/** How many bottles, of what, put where, and what becomes of the rest. */
export function BottleForm({ form, madeAt }: { readonly form: BottleFormState; readonly madeAt: Date }) {
  const { rows, place, spot, filled, dry, keeping, setRows, setPlace } = form;
  const { settings } = useRunContext();
  const own = settings.places ?? [];
  const wrong = (row: number, field: 'count' | 'size') =>
    filled.kind === 'wrong' && filled.row === row && filled.field === field ? filled.message : undefined;
  const change = (at: number, by: Partial<BottleRow>) =>
    setRows(rows.map((row, index) => (index === at ? { ...row, ...by } : row)));
  const places = keeping ? placesByKeeping(keeping).map((each) => each.place) : [place];
  return (
    <>
      {rows.map((row, index) => (
        <View key={index} className="flex-row items-start gap-3">
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
          {rows.length > 1 ? (
            <View className="pt-6">
              <IconButton
                icon={X}
                label="Leave these out"
                onPress={() => setRows(rows.filter((_row, at) => at !== index))}
              />
            </View>
          ) : null}
        </View>
      ))}
      {dry || settings.containers.length === 0 ? null : (
        <View className="gap-1">
          <Text variant="small">Of the kitchen’s own, with room at the top:</Text>
          <View className="flex-row flex-wrap gap-2">
            {settings.containers.map((container) => (
              <Button
                key={container.name}
                label={container.name}
                hint={`Fill ${container.name}`}
                kind="plain"
                onPress={() => setRows([...rows.slice(0, -1), vesselRow(container, rows.at(-1)?.count ?? '1')])}
              />
            ))}
          </View>
        </View>
      )}
      {filled.kind === 'bottles' && filled.volumes_mL.length > 0 ? (
        <Text variant="small" role="status">
          {fillWords(filled, dry)}
        </Text>
      ) : null}
      <RestOf form={form} />
      <View className="gap-2">
        <Text variant="smallStrong">Put in</Text>
        <Choice
          label="Put in"
          options={[
            ...places.map((each) => ({ value: each as string, label: PLACE_NAMES[each] })),
            ...own.map(({ name }) => ({ value: `own ${name}`, label: name })),
          ]}
          value={spot === null ? place : `own ${spot}`}
          onChange={(next) => {
            const chosen = own.find(({ name }) => `own ${name}` === next);
            if (chosen) setPlace(chosen.like, chosen.name);
            else setPlace(next as Place);
          }}
        />
        {keeping ? <Until keeping={keeping} place={place} madeAt={madeAt} /> : null}
      </View>
    </>
  );
}

/** Until when it is to be used up there: the same words and the same moment as on the shelf and on the label. */
function Until({
  keeping,
  place,
  madeAt,
}: {
  readonly keeping: Keeping;
  readonly place: Place;
  readonly madeAt: Date;
}) {
  if (Number.isNaN(madeAt.getTime())) return null;
  const at = madeAt.toISOString();
  const until = bottleUseBy(keeping, { madeAt: at, stands: [{ place, since: at }], openedAt: null });
  return (
    <Text variant="small" role="status">
      {`Use by ${dateWords(until.useBy)}. ${until.reason}`}
    </Text>
  );
}

/** What no bottle takes has to go somewhere. */
function RestOf({ form }: { readonly form: BottleFormState }) {
  const { filled, dry, rows, rest, setRows, setRest } = form;
  if (filled.kind !== 'bottles' || filled.rest_mL === 0) return null;
  const amount = formatPortion(filled.rest_mL, dry);
  return (
    <View className="gap-2 rounded-[12px] bg-amber p-3">
      <Text role="status" variant="strong" className="text-[15px] text-onamber">
        {`${amount} does not fit in. What becomes of it?`}
      </Text>
      <Button
        label={dry ? 'Another jar' : 'Another bottle'}
        kind="plain"
        className="self-start"
        onPress={() => setRows([...rows, { count: '1', size: amount }])}
      />
      <Choice
        label="What becomes of the rest"
        options={[
          { value: 'drunk' as Rest, label: dry ? 'Used now' : 'Drunk now' },
          { value: 'poured-away' as Rest, label: dry ? 'Thrown away' : 'Poured away' },
        ]}
        value={rest ?? ('' as Rest)}
        onChange={setRest}
      />
    </View>
  );
}
