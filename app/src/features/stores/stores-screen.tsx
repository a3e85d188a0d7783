import type { LotRecord } from '@wellhydra/contract';
import Plus from 'lucide-react-native/icons/plus';
import { router } from 'expo-router';
import { useMemo, useState } from 'react';
import { ScrollView, View } from 'react-native';
import { lotSaved } from '../../domain/stores/lot-deeds';
import { itemsSaved } from '../../domain/stores/shopping';
import { oneMore } from '../../domain/stores/to-buy';
import { useListLotsQuery } from '../../domain/stores/store-endpoints';
import { useListBottlesQuery } from '../../domain/bottles/bottle-endpoints';
import { useListDrinksQuery } from '../../domain/drinks/drink-endpoints';
import { useAppDispatch } from '../../domain/store';
import { areAnswered, useOnce } from '../../state/answered';
import { failureOf } from '../../state/api';
import { noticeRaised } from '../../state/notices';
import { Button } from '../../ui/button';
import { Choice } from '../../ui/choice';
import { Field } from '../../ui/field';
import { Loading, Message } from '../../ui/page-state';
import { Text } from '../../ui/text';
import { useNow } from '../../ui/use-now';
import { CanMake } from './can-make';
import { LabelIngredientSheet } from './label-sheet';
import { LotSheet } from './lot-form';
import { OwnBottlesList } from './own-bottles-list';
import { RunningOutPart } from './running-out-part';
import { StockList } from './stock-list';
import { stockViews } from './stores-view';
import { ToBuyList } from './to-buy-list';

const NONE: readonly LotRecord[] = [];
const MINUTE_ms = 60_000;
/** How often other phones are listened to, ms. */
const POLL_ms = 15_000;
type View_ = 'house' | 'make' | 'buy';
const VIEWS: readonly { readonly value: View_; readonly label: string }[] = [
  { value: 'house', label: 'In the house' },
  { value: 'make', label: 'What can be made' },
  { value: 'buy', label: 'To buy' },
];

/** What is in the house, and what can be made of it. */
export function StoresScreen() {
  const dispatch = useAppDispatch();
  const { data, error, refetch } = useListLotsQuery(undefined, {
    pollingInterval: POLL_ms,
    refetchOnMountOrArgChange: true,
  });
  const madeHereKnown = useOnce(areAnswered(useListDrinksQuery(), useListBottlesQuery()));
  const now = useNow(MINUTE_ms);
  const [view, setView] = useState<View_>('house');
  const [search, setSearch] = useState('');
  const [adding, setAdding] = useState(false);
  const [labelling, setLabelling] = useState(false);
  const lots = data?.lots ?? NONE;
  const stock = useMemo(() => stockViews(lots, now, search), [lots, now, search]);
  if (!data && error)
    return (
      <Message
        title="The stores cannot be shown"
        text={failureOf(error).message}
        action={{ label: 'Try again', onPress: () => void refetch() }}
      />
    );
  if (!data || !madeHereKnown) return <Loading what="the stores" />;
  return (
    <ScrollView className="flex-1 bg-sheet" contentContainerClassName="pb-16" role="main">
      <View className="w-full max-w-[1040px] self-center gap-4 px-4 pt-5 md:px-8">
        <View className="flex-row flex-wrap items-center justify-between gap-3">
          <Text variant="title" className="md:flex-1">
            Stores
          </Text>
          <Button label="Put something away" icon={Plus} onPress={() => setAdding(true)} />
          <View className="shrink flex-row flex-wrap gap-2">
            <Button label="My measures" kind="plain" onPress={() => router.push('/stores/measures')} />
            <Button label="New from its label" kind="plain" onPress={() => setLabelling(true)} />
          </View>
        </View>
        <Choice label="What is shown" options={VIEWS} value={view} onChange={setView} />
        {view === 'buy' ? (
          <>
            <RunningOutPart now={now} />
            <ToBuyList lots={lots} />
          </>
        ) : lots.length === 0 ? (
          <Text className="text-mute">
            Say what is in the house, a line each: “1 kg honey”. What you brew is taken from it, and what runs out or
            goes off is said in time.
          </Text>
        ) : (
          <>
            {view === 'house' ? (
              <>
                <Field label="Find an ingredient, a place, a shop" value={search} onChangeText={setSearch} />
                {stock.length === 0 ? <Text className="text-mute">Nothing in the house goes by that name.</Text> : null}
                <OwnBottlesList now={now} search={search} />
                <StockList
                  stock={stock}
                  onList={(ingredient) => {
                    const item = oneMore(ingredient, lots, new Date());
                    dispatch(itemsSaved({ [crypto.randomUUID()]: item }));
                    dispatch(noticeRaised({ text: `${item.text} is on the list` }));
                  }}
                />
              </>
            ) : (
              <CanMake now={now} />
            )}
          </>
        )}
      </View>
      {labelling ? <LabelIngredientSheet onClose={() => setLabelling(false)} /> : null}
      {adding ? (
        <LotSheet
          onClose={() => setAdding(false)}
          onSave={(said) => {
            setAdding(false);
            dispatch(lotSaved(crypto.randomUUID(), said));
            dispatch(noticeRaised({ text: `${said.name} is put away` }));
          }}
        />
      ) : null}
    </ScrollView>
  );
}
