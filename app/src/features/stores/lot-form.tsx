import type { LotRecord, SaveLot } from '@wellhydra/contract';
import { LOT_LIMITS } from '@wellhydra/contract/field-limits';
import { readLot, type LotGot } from '@wellhydra/core/stores';
import { useState } from 'react';
import { View } from 'react-native';
import { ingredientName } from '../../domain/stores/ingredient-name';
import { useRunContext } from '../../domain/run/use-run-context';
import { showMass } from '../../domain/words/units';
import { Button } from '../../ui/button';
import { Choice } from '../../ui/choice';
import { DayField } from '../../ui/day-field';
import { Field } from '../../ui/field';
import { Sheet } from '../../ui/sheet';
import { Text } from '../../ui/text';

const GOT: readonly { readonly value: LotGot; readonly label: string }[] = [
  { value: 'bought', label: 'Bought' },
  { value: 'picked', label: 'Picked' },
  { value: 'made', label: 'Made' },
];

/** A lot as it is typed. */
interface LotForm extends Omit<SaveLot, 'ingredient' | 'amount_g' | 'price' | 'purity_pct'> {
  /** "1 kg honey". */
  readonly line: string;
  readonly price: string;
  readonly purity: string;
}

const formOf = (lot: LotRecord | undefined, now: Date): LotForm => ({
  // To the milligram: a lot that is corrected in its price alone is not another amount.
  line: lot ? `${Number(lot.amount_g.toFixed(3))} g ${ingredientName(lot.ingredient).toLowerCase()}` : '',
  name: lot?.name ?? '',
  price: lot?.price === null || lot === undefined ? '' : String(lot.price),
  purity: lot?.purity_pct === null || lot === undefined ? '' : String(lot.purity_pct),
  got: lot?.got ?? 'bought',
  gotAt: lot?.gotAt ?? now.toISOString(),
  bestBefore: lot?.bestBefore ?? null,
  place: lot?.place ?? '',
  origin: lot?.origin ?? '',
  identifiedBy: lot?.identifiedBy ?? '',
  note: lot?.note ?? '',
});

/** A number that may be left out; undefined where what is typed is none in the range. */
function optionalNumber(text: string, most: number): number | null | undefined {
  if (text.trim() === '') return null;
  const value = Number(text.replace(',', '.'));
  return value >= 0 && value <= most ? value : undefined;
}

/** What was bought, as it stood on the list; the lots there were say where it stands and where it is from. */
export interface FromList {
  readonly line: string;
  readonly lots: readonly LotRecord[];
}

/** A form for what was bought: as the last lot of the same was. */
function boughtForm({ line, lots }: FromList, now: Date): LotForm {
  const read = readLot(line);
  const before =
    read.kind === 'lot'
      ? [...lots]
          .filter(({ ingredient, got }) => ingredient === read.ingredient.id && got === 'bought')
          .sort((a, b) => b.gotAt.localeCompare(a.gotAt))[0]
      : undefined;
  const known = before ? { place: before.place, origin: before.origin, name: before.name } : {};
  return { ...formOf(undefined, now), line, ...known };
}

/** Nothing is in the house before or after these years. */
const isDay = (iso: string): boolean => iso >= '2000' && iso < '2100';

interface LotSheetProps {
  /** What was bought by the list; none of what comes in by itself. */
  readonly from?: FromList;
  /** The lot that is corrected; none for a new one. */
  readonly lot?: LotRecord;
  readonly onSave: (said: SaveLot) => void;
  readonly onClose: () => void;
}

/** A lot that comes into the house: one line says what and how much, the rest can be said. */
export function LotSheet({ lot, from, onSave, onClose }: LotSheetProps) {
  const { options } = useRunContext();
  const [form, setForm] = useState(() => (from ? boughtForm(from, new Date()) : formOf(lot, new Date())));
  const change = (by: Partial<LotForm>) => setForm({ ...form, ...by });
  const read = readLot(form.line, options);
  const price = optionalNumber(form.price, LOT_LIMITS.price);
  const purity = optionalNumber(form.purity, 100);
  const days = [form.gotAt, ...(form.bestBefore === null ? [] : [form.bestBefore])].every(isDay);
  const tooMuch = read.kind === 'lot' && read.amount_g > LOT_LIMITS.amount_g;
  const wrong =
    read.kind === 'unread' || tooMuch || !days || price === undefined || purity === undefined || purity === 0;
  const save = () => {
    if (wrong) return;
    const { line: _line, price: _price, purity: _purity, ...rest } = form;
    const name = form.name.trim() || read.ingredient.name;
    onSave({ ...rest, name, ingredient: read.ingredient.id, amount_g: read.amount_g, price, purity_pct: purity });
  };
  return (
    <Sheet title={lot ? 'Correct it' : 'Into the house'} open onClose={onClose}>
      <Field
        label="What, and how much"
        placeholder="1 kg honey"
        placeholderTextColor="#6B807F"
        value={form.line}
        onChangeText={(line) => change({ line })}
        error={
          tooMuch ? 'A ton at most.' : read.kind === 'unread' && form.line.trim() !== '' ? read.message : undefined
        }
        help={read.kind === 'lot' ? `${showMass(read.amount_g)} ${read.ingredient.name.toLowerCase()}` : undefined}
      />
      <Choice label="It was" options={GOT} value={form.got} onChange={(got) => change({ got })} />
      <Field
        label={
          form.got === 'picked' ? 'Where it was picked' : form.got === 'made' ? 'From what' : 'Where it was bought'
        }
        value={form.origin}
        maxLength={LOT_LIMITS.text}
        onChangeText={(origin) => change({ origin })}
      />
      {form.got === 'picked' ? <Identified form={form} onChange={change} /> : null}
      <Field
        label="What was paid for all of it"
        inputMode="decimal"
        value={form.price}
        onChangeText={(text) => change({ price: text })}
        error={price === undefined ? 'A number such as 4.50, or nothing.' : undefined}
      />
      <View className="flex-row flex-wrap gap-3">
        <DayField
          label="Got on"
          value={new Date(form.gotAt)}
          onChange={(day) => day && change({ gotAt: day.toISOString() })}
        />
        <DayField
          label="Best before"
          value={form.bestBefore === null ? null : new Date(form.bestBefore)}
          onChange={(day) => change({ bestBefore: day?.toISOString() ?? null })}
        />
      </View>
      {days ? null : (
        <Text role="alert" variant="small" className="text-heat">
          A day of the years 2000 to 2099.
        </Text>
      )}
      <Field
        label="Where it stands"
        value={form.place}
        maxLength={LOT_LIMITS.place}
        onChangeText={(place) => change({ place })}
      />
      <Field
        label="Called"
        placeholder="As on the package"
        value={form.name}
        maxLength={LOT_LIMITS.name}
        onChangeText={(name) => change({ name })}
      />
      <Field
        label="Purity or strength on the package, %"
        inputMode="decimal"
        value={form.purity}
        onChangeText={(text) => change({ purity: text })}
        error={purity === undefined || purity === 0 ? 'A number above 0, up to 100, or nothing.' : undefined}
      />
      <Field
        label="Note"
        multiline
        value={form.note}
        maxLength={LOT_LIMITS.note}
        onChangeText={(note) => change({ note })}
      />
      <Button
        label={lot ? 'Save it' : 'Put it away'}
        size="large"
        why={wrong ? 'One of the boxes above is not right yet' : null}
        onPress={save}
      />
    </Sheet>
  );
}

/** What was picked is only as safe as whoever knew it. */
function Identified({ form, onChange }: { readonly form: LotForm; readonly onChange: (by: Partial<LotForm>) => void }) {
  return (
    <View className="gap-1">
      <Field
        label="Who said what it is"
        value={form.identifiedBy}
        maxLength={LOT_LIMITS.identifiedBy}
        onChangeText={(identifiedBy) => onChange({ identifiedBy })}
      />
      {form.identifiedBy.trim() === '' ? (
        <Text variant="small" className="text-heat">
          Use nothing that was picked until somebody who knows the plant has named it, berry by berry.
        </Text>
      ) : null}
    </View>
  );
}
