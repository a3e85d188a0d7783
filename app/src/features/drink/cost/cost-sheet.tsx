import type { LotRecord } from '@wellhydra/contract';
import type { Analysis } from '@wellhydra/core/analyse';
import { SETTING_RANGES, type KitchenSettings } from '@wellhydra/core/kitchen';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { useSettingsDraft } from '../../../domain/kitchen/use-settings-draft';
import { useListLotsQuery } from '../../../domain/stores/store-endpoints';
import { Button } from '../../../ui/button';
import { Field } from '../../../ui/field';
import { Sheet } from '../../../ui/sheet';
import { Text } from '../../../ui/text';
import { typedNumber } from '../../../ui/typed-number';
import { costView, type CostRow } from './cost-view';

const NO_LOTS: readonly LotRecord[] = [];

interface CostSheetProps {
  readonly drinkId: string;
  readonly analysis: Analysis;
  readonly onClose: () => void;
}

/** What a batch costs, which part of it what, and against what a shop asks. */
export function CostSheet({ drinkId, analysis, onClose }: CostSheetProps) {
  const { data } = useListLotsQuery(undefined, { refetchOnMountOrArgChange: true });
  const { settings, change } = useSettingsDraft();
  const lots = data?.lots ?? NO_LOTS;
  const view = useMemo(() => costView(analysis, lots, settings, drinkId), [analysis, lots, settings, drinkId]);
  return (
    <Sheet title="What it costs" open onClose={onClose}>
      <View className="gap-1">
        <Text variant="title" aria-level={3}>
          {view.title}
        </Text>
        <Text>{[view.perServing, view.perLitre].filter(Boolean).join(' · ')}</Text>
      </View>
      <View role="list" aria-label="What costs what">
        {view.rows.map((row) => (
          <CostLine key={row.key} row={row} />
        ))}
      </View>
      {view.without ? <Text variant="small">{view.without}</Text> : null}
      <ShopPriceForm drinkId={drinkId} dry={analysis.trace.pot.dry} settings={settings} change={change} />
      {view.shop ? <Text variant="strong">{view.shop}</Text> : null}
      {view.savings.length > 0 ? (
        <View className="gap-1">
          <Text variant="subheading">What would cost less</Text>
          {view.savings.map(({ text, saves }) => (
            <View key={text} className="flex-row justify-between gap-3 py-1">
              <Text className="shrink">{text}</Text>
              <Text className="text-mute">{saves}</Text>
            </View>
          ))}
        </View>
      ) : null}
      {view.minerals.length > 0 ? (
        <View className="gap-1">
          <Text variant="subheading">What is paid for a gram of</Text>
          {view.minerals.map((words) => (
            <Text key={words}>{words}</Text>
          ))}
        </View>
      ) : null}
    </Sheet>
  );
}

function CostLine({ row }: { readonly row: CostRow }) {
  return (
    <View role="listitem" className="gap-1 border-b border-line py-2">
      <View className="flex-row justify-between gap-3">
        <Text className="shrink">{row.name}</Text>
        <Text className="text-mute">{`${row.amount} · ${row.cost}`}</Text>
      </View>
      <View className="h-[6px] overflow-hidden rounded-full bg-line" aria-hidden>
        <View className="h-full rounded-full bg-teal" style={{ width: `${100 * row.share}%` }} />
      </View>
    </View>
  );
}

interface ShopPriceFormProps {
  readonly drinkId: string;
  readonly dry: boolean;
  readonly settings: KitchenSettings;
  readonly change: (by: Partial<KitchenSettings>) => void;
}

/** What a shop asks for something like it, and for how much. */
function ShopPriceForm({ drinkId, dry, settings, change }: ShopPriceFormProps) {
  const rows = settings.shopPrices ?? [];
  const known = rows.find(({ id }) => id === drinkId);
  const [price, setPrice] = useState(known ? String(known.price) : '');
  const [amount, setAmount] = useState(known ? String(known.amount) : '');
  const [tried, setTried] = useState(false);
  const [paid, got] = [typedNumber(price), typedNumber(amount)];
  const [least, most] = SETTING_RANGES.amount;
  const wrong = {
    price: paid >= 0 && paid <= SETTING_RANGES.price[1] ? undefined : 'A number, such as 4.50.',
    amount: got >= least && got <= most ? undefined : `${least} to ${most}.`,
  };
  const others = rows.filter(({ id }) => id !== drinkId);
  const save = () => {
    setTried(true);
    if (wrong.price || wrong.amount) return;
    setTried(false);
    change({ shopPrices: [...others, { id: drinkId, price: paid, amount: got }] });
  };
  return (
    <View className="gap-2">
      <Text variant="subheading">In a shop</Text>
      <View className="flex-row gap-3 [&>*]:flex-1">
        <Field
          label="Something like it costs"
          inputMode="decimal"
          value={price}
          onChangeText={setPrice}
          error={tried ? wrong.price : undefined}
        />
        <Field
          label={dry ? 'for so many g' : 'for so many mL'}
          inputMode="decimal"
          value={amount}
          onChangeText={setAmount}
          onSubmitEditing={save}
          error={tried ? wrong.amount : undefined}
        />
      </View>
      <View className="flex-row gap-2">
        <Button label="Compare" kind="plain" hint="Compare with the shop" onPress={save} />
        {known ? (
          <Button
            label="Forget it"
            kind="plain"
            hint="Forget it: the shop’s price"
            onPress={() => {
              setPrice('');
              setAmount('');
              change({ shopPrices: others });
            }}
          />
        ) : null}
      </View>
    </View>
  );
}
