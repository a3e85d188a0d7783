import type { BottleRecord, BrewLots } from '@wellhydra/contract';
import { brewRecipe, brewState, runBrew } from '@wellhydra/core/brew';
import { stoveEnergy } from '@wellhydra/core/cost';
import type { KitchenSettings } from '@wellhydra/core/kitchen';
import { Link } from 'expo-router';
import { useMemo } from 'react';
import { View } from 'react-native';
import { useGetBrewQuery } from '../../domain/bottles/bottle-endpoints';
import { useGetRunQuery } from '../../domain/brews/brew-endpoints';
import { useLotsOfBrewQuery } from '../../domain/stores/store-endpoints';
import { useRunContext } from '../../domain/run/use-run-context';
import { showMoney } from '../../domain/words/money';
import { showMass, showVolume } from '../../domain/words/units';
import { Text } from '../../ui/text';

/** What the stove drew for a brew, by what a kWh costs here, 0 where nothing was heated; or why that is not known. */
function useStoveCost(brewId: string, settings: KitchenSettings): number | string {
  const { data: run } = useGetRunQuery(brewId);
  return useMemo(() => {
    if (!run) return 'its steps were not noted.';
    const recipe = brewRecipe(run.recipe);
    const { analysis } = runBrew(recipe, brewState(run.events));
    return stoveEnergy(analysis.drink, analysis.trace, run.recipe.settings).reduce<number | string>(
      (sum, { fuel, kWh }) => {
        const price = settings.energyPrices?.[fuel];
        return typeof sum === 'string' || price === undefined
          ? 'say in the kitchen what a kWh costs.'
          : sum + price * kWh;
      },
      0,
    );
  }, [run, settings]);
}

/** What the bottle itself costs here; null where nobody has said. */
const glassCost = ({ vessel }: BottleRecord, { containers }: KitchenSettings): number | null =>
  containers.find(({ name }) => name === vessel?.name)?.price ?? null;

/** What a batch cost by its lots; null where one of them has no price, or no lot had enough of something. */
const batchCost = ({ lots, missing, missingDrinks }: BrewLots): number | null =>
  lots.reduce<number | null>(
    (sum, { cost }) => (sum === null || cost === null ? null : sum + cost),
    missing.length + missingDrinks.length > 0 ? null : 0,
  );

/** Why what it cost is not known. */
function unknownCost({ missing, missingDrinks }: BrewLots): string {
  const count = missing.length + missingDrinks.length;
  if (count === 0) return 'What it cost is not known: not every lot has a price.';
  const what = count === 1 ? (missingDrinks[0] ?? 'one thing in it') : `${count} things in it`;
  return `What it cost is not known: of ${what} there was too little in the house.`;
}

/** The lots that went into what is in a bottle, and what that cost; nothing where none were taken. */
export function BrewLotsList({ bottle }: { readonly bottle: BottleRecord }) {
  const { data } = useLotsOfBrewQuery(bottle.brewId);
  const { data: brew } = useGetBrewQuery(bottle.brewId);
  const { settings } = useRunContext();
  const stove = useStoveCost(bottle.brewId, settings);
  if (!data || data.lots.length + data.bottles.length === 0) return null;
  const { lots, bottles } = data;
  const cost = batchCost(data);
  const whole = cost === null ? null : cost + (typeof stove === 'number' ? stove : 0);
  const glass = glassCost(bottle, settings);
  const money = (amount: number) => showMoney(amount, settings.currency);
  const each = whole !== null && brew && brew.volume_mL > 0 ? whole / brew.volume_mL : null;
  return (
    <View className="gap-1">
      <Text variant="heading">What went into it</Text>
      {each !== null && whole !== null ? (
        <Text>
          {money(whole)} for the batch, {money(each * bottle.volume_mL + (glass ?? 0))} this bottle,{' '}
          {money(each * bottle.serving_mL)} a serving
          {typeof stove === 'string'
            ? `, without the stove: ${stove}`
            : stove > 0
              ? `, ${money(stove)} of it the stove.`
              : '.'}
          {glass ? ` The glass is ${money(glass)}.` : ''}
        </Text>
      ) : (
        <Text className="text-mute">{unknownCost(data)}</Text>
      )}
      <View role="list" aria-label="What went into it">
        {bottles.map(({ bottleId, drinkName, batch, volume_mL }) => (
          <View
            key={bottleId}
            role="listitem"
            className="flex-row flex-wrap justify-between gap-x-3 border-b border-line"
          >
            <Link
              href={`/bottles/${bottleId}`}
              className="min-h-[44px] max-w-full shrink py-2 font-body text-16 text-teal underline"
            >
              {drinkName}, {batch}
            </Link>
            <Text className="self-center text-mute">{showVolume(volume_mL)}</Text>
          </View>
        ))}
        {lots.map(({ lotId, name, origin, grams, within, cost: its }) => (
          <View
            key={`${lotId} ${within}`}
            role="listitem"
            className="flex-row flex-wrap justify-between gap-x-3 border-b border-line"
          >
            <Link
              href={`/stores/${lotId}`}
              className="min-h-[44px] max-w-full shrink py-2 font-body text-16 text-teal underline"
            >
              {[name, origin].filter(Boolean).join(', ')}
              {within ? ` (in ${within})` : ''}
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
