import type { EditedStep, StepClause } from '@wellhydra/core/drink';
import { STRAINERS, type KitchenSettings } from '@wellhydra/core/kitchen';
import { View } from 'react-native';
import { Choice } from '../../../ui/choice';
import { Field } from '../../../ui/field';
import { Text } from '../../../ui/text';
import { Toggle } from '../../../ui/toggle';

interface QualifierProps {
  readonly name: StepClause;
  readonly step: EditedStep;
  readonly settings: KitchenSettings;
  readonly onChange: (change: Partial<EditedStep>) => void;
}

type TextKey = 'lid' | 'pot' | 'burner' | 'at' | 'in' | 'strain' | 'headspace' | 'altitude' | 'loadLimit' | 'as';

interface ChoiceForm {
  readonly key: TextKey;
  readonly label: string;
  /** What is taken where nothing is said. */
  readonly usual: string;
  readonly options: (settings: KitchenSettings) => readonly string[];
}

const UNSAID = '';
const CHOICES: Readonly<Partial<Record<StepClause, ChoiceForm>>> = {
  lid: { key: 'lid', label: 'Lid', usual: 'as usual', options: () => ['on', 'ajar', 'off'] },
  pot: { key: 'pot', label: 'Pot', usual: 'the usual', options: ({ pots }) => pots.map(({ name }) => name) },
  burner: {
    key: 'burner',
    label: 'Burner',
    usual: 'the usual',
    options: ({ burners }) => burners.map(({ name }) => name),
  },
  at: {
    key: 'at',
    label: 'Where',
    usual: 'as usual',
    options: () => ['off heat', 'room', 'cool room', 'fridge', 'dark cupboard'],
  },
  coolIn: {
    key: 'in',
    label: 'In',
    usual: 'the pot',
    options: () => ['jar', 'ice bath', 'stirred ice bath', 'fridge'],
  },
  rinseThrough: { key: 'strain', label: 'Through', usual: 'drained', options: () => STRAINERS },
  headspace: { key: 'headspace', label: 'Headspace', usual: 'none said', options: () => ['5 mm', '1 cm', '2 cm'] },
};

const FIELDS: Readonly<
  Partial<Record<StepClause, { readonly key: TextKey; readonly label: string; readonly placeholder: string }>>
> = {
  soakIn: { key: 'in', label: 'In how much of what', placeholder: '500 mL water' },
  washIn: { key: 'in', label: 'In', placeholder: 'cold water' },
  altitude: { key: 'altitude', label: 'Altitude', placeholder: '300 m' },
  loadLimit: { key: 'loadLimit', label: 'The jug takes', placeholder: '1 L' },
  as: { key: 'as', label: 'As', placeholder: 'thin syrup' },
};

const TOGGLES = {
  keepLiquid: 'The soaking liquid is kept',
  gently: 'Gently, without wringing',
  eaten: 'Its pieces are eaten, too',
} as const;

/** One thing a step can say besides its value. */
export function StepQualifier({ name, step, settings, onChange }: QualifierProps) {
  const choice = CHOICES[name];
  if (choice) {
    const value = (step[choice.key] ?? UNSAID).toLowerCase();
    const options = choice.options(settings).map((each) => ({ value: each.toLowerCase(), label: each }));
    const known = value === UNSAID || options.some((each) => each.value === value);
    return (
      <View className="gap-2">
        <Text variant="smallStrong">{choice.label}</Text>
        <Choice
          label={choice.label}
          options={[
            { value: UNSAID, label: choice.usual },
            ...options,
            ...(known ? [] : [{ value, label: step[choice.key]! }]),
          ]}
          value={value}
          onChange={(each) => onChange({ [choice.key]: each === UNSAID ? undefined : each })}
        />
      </View>
    );
  }
  const field = FIELDS[name];
  if (field)
    return (
      <Field
        label={field.label}
        placeholder={field.placeholder}
        placeholderTextColor="#6B807F"
        value={step[field.key] ?? ''}
        onChangeText={(text) => onChange({ [field.key]: text === '' ? undefined : text })}
      />
    );
  // What is only ever typed has no control.
  if (!(name in TOGGLES)) return null;
  const flag = name as keyof typeof TOGGLES;
  return (
    <Toggle
      label={TOGGLES[flag]}
      value={step[flag] === true}
      onChange={(value) => onChange({ [flag]: value || undefined })}
    />
  );
}
