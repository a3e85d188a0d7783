import { PLACES, type Place } from '@wellhydra/contract/places';
import type { Analysis } from '@wellhydra/core/analyse';
import { formatNumber } from '@wellhydra/core/quantity';
import { useState } from 'react';
import { View } from 'react-native';
import { Choice } from '../../ui/choice';
import { Field } from '../../ui/field';
import { Text } from '../../ui/text';
import { PLACE_NAMES } from './bottles-view';
import { fillBottles, suggestBottles, type BottleRow, type FilledBottles } from './fill-bottles';

/** Where a drink that keeps in a place is put on the shelf; the shelf has no freezer. */
const SHELF_PLACES = {
  fridge: 'fridge',
  freezer: 'fridge',
  'cool room': 'cool-room',
  cupboard: 'cupboard',
} as const;

export interface BottleFormState {
  readonly row: BottleRow;
  readonly place: Place;
  readonly filled: FilledBottles;
  readonly dry: boolean;
  readonly setRow: (row: BottleRow) => void;
  readonly setPlace: (place: Place) => void;
}

/** What a drink fills, as it is being said; it begins with what would fit. */
export function useBottleForm(analysis: Analysis): BottleFormState {
  const dry = analysis.liquid === null;
  const made = analysis.liquid?.volume_mL ?? analysis.trace.pot.mass_g;
  const named = analysis.trace.entries.findLast(({ filled }) => filled !== undefined)?.filled;
  const [row, setRow] = useState(() =>
    dry ? { count: '1', size: `${formatNumber(made)} g` } : suggestBottles(made, named),
  );
  const [place, setPlace] = useState<Place>(SHELF_PLACES[analysis.keeping?.place ?? 'fridge']);
  return { row, place, filled: fillBottles(row, dry), dry, setRow, setPlace };
}

/** Bottles as they cross to the server. */
export function bottlesOf({ filled, place }: BottleFormState) {
  return filled.kind === 'bottles'
    ? filled.volumes_mL.map((volume_mL) => ({ id: crypto.randomUUID(), volume_mL, place }))
    : [];
}

/** How many bottles, of what, put where. */
export function BottleForm({ form }: { readonly form: BottleFormState }) {
  const { row, place, filled, dry, setRow, setPlace } = form;
  const wrong = (field: 'count' | 'size') =>
    filled.kind === 'wrong' && filled.field === field ? filled.message : undefined;
  return (
    <>
      <View className="flex-row gap-3">
        <View className="w-[110px]">
          <Field
            label={dry ? 'Jars' : 'Bottles'}
            inputMode="numeric"
            value={row.count}
            onChangeText={(count) => setRow({ ...row, count })}
            error={wrong('count')}
          />
        </View>
        <View className="flex-1">
          <Field
            label="Filled with, each"
            value={row.size}
            onChangeText={(size) => setRow({ ...row, size })}
            error={wrong('size')}
          />
        </View>
      </View>
      <View className="gap-2">
        <Text variant="smallStrong">Put in</Text>
        <Choice
          label="Put in"
          options={PLACES.map((each) => ({ value: each, label: PLACE_NAMES[each] }))}
          value={place}
          onChange={setPlace}
        />
      </View>
    </>
  );
}
