import type { BottleRecord, BrewLots } from '@wellhydra/contract';
import { Link } from 'expo-router';
import { View } from 'react-native';
import { useGetBrewQuery } from '../../domain/bottles/bottle-endpoints';
import { useLotsOfBrewQuery } from '../../domain/stores/store-endpoints';
import { useRunContext } from '../../domain/run/use-run-context';
import { showMoney } from '../../domain/words/money';
import { showMass } from '../../domain/words/units';
import { Text } from '../../ui/text';

/** What a batch cost by its lots; null where one of them has no price, or no lot had enough of something. */
const batchCost = ({ lots, missing }: BrewLots): number | null =>
  lots.reduce<number | null>(
    (sum, { cost }) => (sum === null || cost === null ? null : sum + cost),
    missing.length > 0 ? null : 0,
  );

/** The lots that went into what is in a bottle, and what that cost; nothing where none were taken. */
export function BrewLotsList({ bottle }: { readonly bottle: BottleRecord }) {
  const { data } = useLotsOfBrewQuery(bottle.brewId);
  const { data: brew } = useGetBrewQuery(bottle.brewId);
  const { settings } = useRunContext();
  const lots = data?.lots ?? [];
  if (!data || lots.length === 0) return null;
  const cost = batchCost(data);
  const money = (amount: number) => showMoney(amount, settings.currency);
  const each = cost !== null && brew && brew.volume_mL > 0 ? cost / brew.volume_mL : null;
  return (
    <View className="gap-1">
      <Text variant="heading">What went into it</Text>
      {each !== null && cost !== null ? (
        <Text>
          {money(cost)} for the batch, {money(each * bottle.volume_mL)} this bottle, {money(each * bottle.serving_mL)} a
          serving, without the stove.
        </Text>
      ) : (
        <Text className="text-mute">
          {data.missing.length > 0
            ? `What it cost is not known: of ${data.missing.length === 1 ? 'one thing' : `${data.missing.length} things`} in it the stores had too little.`
            : 'What it cost is not known: not every lot has a price.'}
        </Text>
      )}
      <View role="list" aria-label="What went into it">
        {lots.map(({ lotId, name, origin, grams, cost: its }) => (
          <View key={lotId} role="listitem" className="flex-row justify-between gap-3 border-b border-line">
            <Link
              href={`/stores/${lotId}`}
              className="min-h-[44px] shrink py-2 font-body text-[16px] text-teal underline"
            >
              {origin ? `${name}, ${origin}` : name}
            </Link>
            <Text className="self-center text-mute">
              {showMass(grams)}
              {its === null ? '' : ` · ${money(its)}`}
            </Text>
          </View>
        ))}
      </View>
    </View>
  );
}
