import type { LogbookFilter } from '@wellhydra/contract';
import { useMemo } from 'react';
import { View } from 'react-native';
import { useListDrinksQuery } from '../../domain/drinks/drink-endpoints';
import { usePeople } from '../../domain/people/use-people';
import { ingredientName } from '../../domain/stores/ingredient-name';
import { useListLotsQuery } from '../../domain/stores/store-endpoints';
import { areAnswered } from '../../state/answered';
import { Field } from '../../ui/field';
import { SelectField } from '../../ui/select-field';

interface FiltersProps {
  readonly filter: LogbookFilter;
  readonly now: Date;
  /** Who has made brews, as far as they are known. */
  readonly cooks: readonly string[];
  readonly onChange: (filter: LogbookFilter) => void;
}

const MONTHS = 24;
const monthName = new Intl.DateTimeFormat('en-GB', { month: 'long', year: 'numeric' });

/** Without what is not said: an empty filter finds everything. */
const cleaned = (filter: LogbookFilter): LogbookFilter =>
  Object.fromEntries(Object.entries(filter).filter(([, value]) => value)) as LogbookFilter;

/** Months of this kitchen's time, the newest first, each from its first moment to that of the next. */
export const monthOptions = (now: Date) =>
  Array.from({ length: MONTHS }, (_each, index) => {
    const from = new Date(now.getFullYear(), now.getMonth() - index, 1);
    const to = new Date(now.getFullYear(), now.getMonth() - index + 1, 1);
    return { value: from.toISOString(), to: to.toISOString(), label: monthName.format(from) };
  });

/** Whether it is known what there is to choose from, so that no filter comes later and pushes the others about. */
export function useFiltersKnown(): boolean {
  const areListed = areAnswered(useListDrinksQuery(), useListLotsQuery());
  const { known } = usePeople();
  return areListed && known !== 'not yet';
}

/** Which brews are looked at. */
export function Filters({ filter, now, cooks, onChange }: FiltersProps) {
  const { data: list } = useListDrinksQuery();
  const { data: stores } = useListLotsQuery();
  const { rows: people } = usePeople();
  const months = useMemo(() => monthOptions(now), [now]);
  const ingredients = useMemo(
    () =>
      [...new Set(stores?.lots.map(({ ingredient }) => ingredient))]
        .map((value) => ({ value, label: ingredientName(value, stores?.lots) }))
        .sort((a, b) => a.label.localeCompare(b.label, 'en')),
    [stores],
  );
  const set = (by: Partial<LogbookFilter>) => onChange(cleaned({ ...filter, ...by }));
  const any = (label: string) => ({ value: '', label });
  return (
    <View className="flex-row flex-wrap items-end gap-3">
      <SelectField
        label="Drink"
        options={[
          any('All drinks'),
          ...(list?.drinks ?? []).map(({ id, document }) => ({ value: id, label: document.name || 'Unnamed drink' })),
        ]}
        value={filter.drinkId ?? ''}
        onChange={(drinkId) => set({ drinkId })}
      />
      <SelectField
        label="Month"
        options={[any('At any time'), ...months]}
        value={filter.from ?? ''}
        onChange={(from) => set({ from, to: months.find(({ value }) => value === from)?.to ?? '' })}
      />
      {cooks.length > 1 || filter.cook ? (
        <SelectField
          label="Cook"
          options={[any('Anyone'), ...cooks.map((each) => ({ value: each, label: each }))]}
          value={filter.cook ?? ''}
          onChange={(name) => set({ cook: name })}
        />
      ) : null}
      {people.length > 0 ? (
        <SelectField
          label="Had of it"
          options={[any('Anybody'), ...people.map(({ id, person }) => ({ value: id, label: person.name }))]}
          value={filter.personId ?? ''}
          onChange={(personId) => set({ personId })}
        />
      ) : null}
      {ingredients.length > 0 ? (
        <SelectField
          label="Made with"
          options={[any('Anything'), ...ingredients]}
          value={filter.ingredient ?? ''}
          onChange={(ingredient) => set({ ingredient })}
        />
      ) : null}
      <View className="min-w-[180px] flex-1">
        <Field
          label="Words of a note, name, batch"
          value={filter.words ?? ''}
          onChangeText={(words) => set({ words })}
        />
      </View>
    </View>
  );
}
