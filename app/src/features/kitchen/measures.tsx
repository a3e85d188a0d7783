import { FUELS, type Fuel } from '@wellhydra/core/equipment';
import { SETTING_RANGES, type KitchenSettings } from '@wellhydra/core/kitchen';
import { View } from 'react-native';
import { Choice } from '../../ui/choice';
import { OptionalNumber } from '../../ui/number-field';
import { Text } from '../../ui/text';
import type { PartProps } from './equipment-parts';

/** Money that prices are said in, ISO 4217; the first where nobody has said. */
const CURRENCIES = ['GBP', 'EUR', 'USD', 'CAD', 'AUD', 'CHF', 'SEK', 'NOK', 'DKK', 'PLN', 'JPY', 'INR'] as const;

/** Prices of energy with one of them said, or taken away. */
function withPrice(prices: KitchenSettings['energyPrices'], fuel: Fuel, price: number | undefined) {
  const { [fuel]: _was, ...others } = prices ?? {};
  return price === undefined ? others : { ...others, [fuel]: price };
}

/** In what amounts and prices are shown, and what things are measured with. */
export function Measures({ settings, change }: PartProps) {
  return (
    <View className="gap-3">
      <Text variant="smallStrong">Shown in</Text>
      <Choice
        label="Shown in"
        options={[
          { value: 'metric', label: 'mL, g, °C' },
          { value: 'us', label: 'fl oz, oz, °F' },
        ]}
        value={settings.units}
        onChange={(units) => change({ units })}
      />
      <Text variant="small">Amounts are typed in any unit, whichever is shown.</Text>
      <Text variant="smallStrong">Money</Text>
      <Choice
        label="Money"
        options={CURRENCIES.map((code) => ({ value: code as string, label: code }))}
        value={settings.currency ?? CURRENCIES[0]}
        onChange={(currency) => change({ currency })}
      />
      <View className="gap-3 md:flex-row md:[&>*]:flex-1">
        {FUELS.map((fuel) => (
          <OptionalNumber
            key={fuel}
            label={`A kWh of ${fuel}`}
            unit={settings.currency ?? CURRENCIES[0]}
            value={settings.energyPrices?.[fuel]}
            range={SETTING_RANGES.energyPrice}
            onChange={(price) => change({ energyPrices: withPrice(settings.energyPrices, fuel, price) })}
          />
        ))}
      </View>
      <Text variant="smallStrong">Spoons</Text>
      <Choice
        label="Spoons"
        options={[
          { value: 'measuring', label: 'A measuring set' },
          { value: 'cutlery', label: 'Table cutlery' },
        ]}
        value={settings.spoons}
        onChange={(spoons) => change({ spoons })}
      />
      <Text variant="smallStrong">Scale</Text>
      <Choice
        label="Scale"
        options={[
          { value: '0.1', label: 'To 0.1 g' },
          { value: '1', label: 'To 1 g' },
          { value: '', label: 'None' },
        ]}
        value={settings.scale_g === null ? '' : String(settings.scale_g)}
        onChange={(scale) => change({ scale_g: scale === '' ? null : Number(scale) })}
      />
    </View>
  );
}
