import type { LotRecord } from '@wellhydra/contract';
import { LOT_LIMITS } from '@wellhydra/contract/field-limits';
import type { ShoppingItem } from '@wellhydra/core/shopping';
import { readLot } from '@wellhydra/core/stores';
import X from 'lucide-react-native/icons/x';
import { useState } from 'react';
import { View } from 'react-native';
import { lotSaved } from '../../domain/stores/lot-deeds';
import { itemsRemoved, itemsSaved } from '../../domain/stores/shopping';
import { useGetShoppingQuery } from '../../domain/stores/shopping-endpoints';
import { useAppDispatch, useAppSelector } from '../../domain/store';
import { documentState } from '../../state/sync/kitchen-document';
import { noticeRaised } from '../../state/notices';
import { keepAction } from '../../state/undo-actions';
import { Button } from '../../ui/button';
import { Field } from '../../ui/field';
import { IconButton } from '../../ui/icon-button';
import { Text } from '../../ui/text';
import { Toggle } from '../../ui/toggle';
import { LotSheet } from './lot-form';

type Row = readonly [id: string, item: ShoppingItem];
const POLL_ms = 15_000;

/** Everything on the list: what is to be bought first, then what is in the basket; in the order in which it came. */
const rowsOf = (items: Readonly<Record<string, ShoppingItem>>): readonly Row[] =>
  Object.entries(items).sort(
    ([a, one], [b, other]) =>
      Number(one.ticked !== null) - Number(other.ticked !== null) ||
      one.added.localeCompare(other.added) ||
      a.localeCompare(b),
  );

/** Sends the list to another application, or copies it where there is none to send it to. */
async function share(rows: readonly Row[]): Promise<string> {
  const text = rows
    .filter(([, { ticked }]) => ticked === null)
    .map(([, item]) => item.text)
    .join('\n');
  try {
    if (navigator.share) {
      await navigator.share({ title: 'To buy', text });
      return 'The list is sent';
    }
    await navigator.clipboard.writeText(text);
    return 'The list is copied';
  } catch {
    return 'It was not sent. Mark the list and copy it by hand.';
  }
}

/** What is to be bought: ticked off in the shop, without a network too, and put away into lots. */
export function ToBuyList({ lots }: { readonly lots: readonly LotRecord[] }) {
  const dispatch = useAppDispatch();
  useGetShoppingQuery(undefined, { pollingInterval: POLL_ms, refetchOnMountOrArgChange: true });
  const draft = useAppSelector((state) => state.shopping);
  const [line, setLine] = useState('');
  const [away, setAway] = useState<Row | null>(null);
  const rows = rowsOf(draft.mine.items);
  const basket = rows.filter(([, { ticked }]) => ticked !== null);
  const kept = documentState(draft);
  const add = () => {
    const text = line.trim();
    if (text === '') return;
    const read = readLot(text);
    const ingredient = read.kind === 'lot' ? read.ingredient.id : null;
    const item = { text, ingredient, why: '', added: new Date().toISOString(), ticked: null };
    dispatch(itemsSaved({ [crypto.randomUUID()]: item }));
    setLine('');
  };
  const remove = ([id, item]: Row) => {
    dispatch(itemsRemoved([id]));
    const run = keepAction(() => void dispatch(itemsSaved({ [id]: item })));
    dispatch(noticeRaised({ text: `${item.text} is off the list`, action: { label: 'Undo', run } }));
  };
  return (
    <View className="gap-3">
      {kept ? (
        <Text variant="small" role="status">
          {kept}
        </Text>
      ) : null}
      <View className="flex-row items-end gap-3">
        <View className="flex-1">
          <Field
            label="One more thing to buy"
            placeholder="500 g honey"
            placeholderTextColor="#6B807F"
            maxLength={LOT_LIMITS.text}
            value={line}
            onChangeText={setLine}
            onSubmitEditing={add}
          />
        </View>
        <Button label="Add" why={line.trim() === '' ? 'Write what to buy' : null} onPress={add} />
      </View>
      {rows.length === 0 ? (
        <Text className="text-mute">
          Nothing is to be bought. What is missing for a drink or a plan is put here by a touch.
        </Text>
      ) : null}
      <View role="list" aria-label="To buy">
        {rows.map((row) => (
          <ItemRow
            key={row[0]}
            row={row}
            onTick={(ticked) =>
              dispatch(itemsSaved({ [row[0]]: { ...row[1], ticked: ticked ? new Date().toISOString() : null } }))
            }
            onPutAway={() => setAway(row)}
            onRemove={() => remove(row)}
          />
        ))}
      </View>
      <View className="flex-row flex-wrap gap-2">
        {rows.length > basket.length ? (
          <Button
            label="Share the list"
            kind="plain"
            onPress={() => void share(rows).then((text) => dispatch(noticeRaised({ text })))}
          />
        ) : null}
        {basket.length > 1 ? (
          <Button
            label="Take the basket off"
            hint="Take the basket off the list, without putting it away"
            kind="quiet"
            onPress={() => dispatch(itemsRemoved(basket.map(([id]) => id)))}
          />
        ) : null}
      </View>
      {away ? (
        <LotSheet
          from={{ line: away[1].text, lots }}
          onClose={() => setAway(null)}
          onSave={(said) => {
            dispatch(lotSaved(crypto.randomUUID(), said));
            dispatch(itemsRemoved([away[0]]));
            dispatch(noticeRaised({ text: `${said.name} is put away` }));
            setAway(null);
          }}
        />
      ) : null}
    </View>
  );
}

interface ItemRowProps {
  readonly row: Row;
  readonly onTick: (ticked: boolean) => void;
  readonly onPutAway: () => void;
  readonly onRemove: () => void;
}

function ItemRow({ row: [, { text, why, ticked }], onTick, onPutAway, onRemove }: ItemRowProps) {
  return (
    <View role="listitem" className="flex-row flex-wrap items-center justify-between gap-2 border-b border-line py-1">
      <View className="min-w-[180px] flex-1">
        <Toggle label={text} value={ticked !== null} onChange={onTick} />
        {why ? (
          <Text variant="small" className="pl-[38px]">
            {why}
          </Text>
        ) : null}
      </View>
      {ticked !== null ? <Button label="Put away" hint={`Put away ${text}`} kind="plain" onPress={onPutAway} /> : null}
      <IconButton icon={X} label={`Take ${text} off the list`} onPress={onRemove} />
    </View>
  );
}
