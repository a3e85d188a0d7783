import { FUELS, burnerDraws } from '@wellhydra/core/equipment';
import {
  FRIDGE_ROOM_L,
  SETTING_RANGES,
  STRAINERS,
  TAP_WATERS,
  WATER_MINERALS,
  type KitchenSettings,
  type OwnBurner,
  type OwnContainer,
  type TapWater,
} from '@wellhydra/core/kitchen';
import { View } from 'react-native';
import { Choice } from '../../ui/choice';
import { NumberField, OptionalNumber } from '../../ui/number-field';
import { Text } from '../../ui/text';
import { Toggle } from '../../ui/toggle';
import { RowEditor } from './row-editor';

export interface PartProps {
  readonly settings: KitchenSettings;
  readonly change: (by: Partial<KitchenSettings>) => void;
}

export const TAP_LABELS: Readonly<Record<TapWater, string>> = {
  pure: 'Not said: water counts as pure',
  soft: 'Soft',
  average: 'Average',
  hard: 'Hard',
  sheet: 'From the supplier’s sheet',
};
/** Two may have one name while it is typed. */
const options = (names: readonly string[]) => [...new Set(names)].map((name) => ({ value: name, label: name }));
const pair = 'gap-3 md:flex-row md:[&>*]:flex-1';

export function Stove({ settings, change }: PartProps) {
  return (
    <View className="gap-4">
      <RowEditor
        what="Pot"
        rows={settings.pots}
        make={() => ({ name: '', width_cm: 20, holds_mL: 3000 })}
        onChange={(pots) => change({ pots })}
        fields={(row, by) => (
          <View className={pair}>
            <NumberField
              label="Width"
              unit="cm"
              value={row.width_cm}
              range={SETTING_RANGES.width_cm}
              onChange={(width_cm) => by({ width_cm })}
            />
            <NumberField
              label="Holds"
              unit="mL"
              value={row.holds_mL}
              range={SETTING_RANGES.holds_mL}
              onChange={(holds_mL) => by({ holds_mL })}
            />
          </View>
        )}
      />
      <Text variant="smallStrong">The usual pot</Text>
      <Choice
        label="The usual pot"
        options={options(settings.pots.map(({ name }) => name))}
        value={settings.usualPot}
        onChange={(usualPot) => change({ usualPot })}
      />
      <RowEditor
        what="Burner"
        rows={settings.burners}
        make={(): OwnBurner => ({ name: '', net_W: 700 })}
        onChange={(burners) => change({ burners })}
        fields={(row, by) => (
          <View className="gap-3">
            <View className={pair}>
              <NumberField
                label="Heat that reaches a pot"
                unit="W"
                value={row.net_W}
                range={SETTING_RANGES.net_W}
                onChange={(net_W) => by({ net_W })}
              />
              <OptionalNumber
                label="Rated at"
                unit="W"
                value={row.rated_W}
                range={SETTING_RANGES.rated_W}
                onChange={(rated_W) => by({ rated_W })}
              />
            </View>
            <Choice
              label={`What ${row.name || 'it'} is fed with`}
              options={FUELS.map((value) => ({ value, label: value === 'gas' ? 'Gas' : 'Electricity' }))}
              value={row.fuel ?? burnerDraws(row.name).fuel}
              onChange={(fuel) => by({ fuel })}
            />
          </View>
        )}
      />
      <Text variant="small">
        About 0.4 of what a gas flame is rated at, 0.7 of a coil or glass plate, 0.85 of induction.
      </Text>
      <Text variant="smallStrong">The usual burner</Text>
      <Choice
        label="The usual burner"
        options={options(settings.burners.map(({ name }) => name))}
        value={settings.usualBurner}
        onChange={(usualBurner) => change({ usualBurner })}
      />
      <NumberField
        label="Blender jug"
        unit="mL"
        value={settings.blenderJug_mL}
        range={SETTING_RANGES.blenderJug_mL}
        onChange={(blenderJug_mL) => change({ blenderJug_mL })}
      />
    </View>
  );
}

/** Where bottles stand besides the four usual places. */
export function Places({ settings, change }: PartProps) {
  return (
    <RowEditor
      what="Place"
      rows={settings.places ?? []}
      make={() => ({ name: '', like: 'cool-room' as const })}
      onChange={(places) => change({ places })}
      fields={(row, by) => (
        <View className="gap-1">
          <Text variant="smallStrong">Bottles keep there as in</Text>
          <Choice
            label="Bottles keep there as in"
            options={[
              { value: 'fridge', label: 'The fridge' },
              { value: 'cool-room', label: 'A cool room' },
              { value: 'cupboard', label: 'A cupboard' },
              { value: 'freezer', label: 'The freezer' },
            ]}
            value={row.like}
            onChange={(like) => by({ like })}
          />
        </View>
      )}
    />
  );
}

export function Vessels({ settings, change }: PartProps) {
  return (
    <RowEditor
      what="Bottle or jar"
      rows={settings.containers}
      make={(): OwnContainer => ({ name: '', size_mL: 500, count: 1, heatSafe: false, dark: false })}
      onChange={(containers) => change({ containers })}
      fields={(row, by) => (
        <View className="gap-2">
          <View className={pair}>
            <NumberField
              label="Size"
              unit="mL"
              value={row.size_mL}
              range={SETTING_RANGES.size_mL}
              onChange={(size_mL) => by({ size_mL })}
            />
            <NumberField
              label="How many"
              unit="pieces"
              value={row.count}
              range={SETTING_RANGES.count}
              onChange={(count) => by({ count: Math.round(count) })}
            />
          </View>
          <OptionalNumber
            label="One costs"
            unit="nothing where it is used again"
            value={row.price}
            range={SETTING_RANGES.price}
            onChange={(price) => by({ price })}
          />
          <Toggle label="Takes boiling liquid" value={row.heatSafe} onChange={(heatSafe) => by({ heatSafe })} />
          <Toggle label="Dark glass" value={row.dark} onChange={(dark) => by({ dark })} />
        </View>
      )}
    />
  );
}

export function Strainers({ settings, change }: PartProps) {
  return (
    <View>
      {STRAINERS.map((name) => (
        <Toggle
          key={name}
          label={name.charAt(0).toUpperCase() + name.slice(1)}
          value={settings.strainers.includes(name)}
          onChange={(has) =>
            change({ strainers: STRAINERS.filter((each) => (each === name ? has : settings.strainers.includes(each))) })
          }
        />
      ))}
    </View>
  );
}

export function Rooms({ settings, change }: PartProps) {
  return (
    <View className="gap-3">
      <View className={pair}>
        <NumberField
          label="Altitude"
          unit="m"
          value={settings.altitude_m}
          range={SETTING_RANGES.altitude_m}
          onChange={(altitude_m) => change({ altitude_m })}
        />
        <NumberField
          label="Room"
          unit="°C"
          value={settings.room_C}
          range={SETTING_RANGES.room_C}
          onChange={(room_C) => change({ room_C })}
        />
      </View>
      <View className={pair}>
        <NumberField
          label="Fridge"
          unit="°C"
          value={settings.fridge_C}
          range={SETTING_RANGES.fridge_C}
          onChange={(fridge_C) => change({ fridge_C })}
        />
        <NumberField
          label="Cool room"
          unit="°C"
          value={settings.coolRoom_C}
          range={SETTING_RANGES.coolRoom_C}
          onChange={(coolRoom_C) => change({ coolRoom_C })}
        />
      </View>
      <View className={pair}>
        <NumberField
          label="Room in the fridge for drinks"
          unit="L"
          value={settings.fridgeRoom_L ?? FRIDGE_ROOM_L}
          range={SETTING_RANGES.fridgeRoom_L}
          onChange={(fridgeRoom_L) => change({ fridgeRoom_L })}
        />
      </View>
    </View>
  );
}

export function Water({ settings, change }: PartProps) {
  return (
    <View className="gap-3">
      <Choice
        label="Tap water"
        options={TAP_WATERS.map((tap) => ({ value: tap, label: TAP_LABELS[tap] }))}
        value={settings.tap}
        onChange={(tap) => change({ tap })}
      />
      {settings.tap === 'sheet' ? (
        <View className="gap-3">
          {WATER_MINERALS.map((mineral) => (
            <NumberField
              key={mineral}
              label={mineral.charAt(0).toUpperCase() + mineral.slice(1)}
              unit="mg/L"
              value={settings.sheet_mg_L[mineral] ?? 0}
              range={SETTING_RANGES.mineral_mg_L}
              onChange={(mg_L) => change({ sheet_mg_L: { ...settings.sheet_mg_L, [mineral]: mg_L } })}
            />
          ))}
        </View>
      ) : null}
    </View>
  );
}
