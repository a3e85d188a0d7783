import { AGE_GROUPS, BIRTH_MONTH, FACTS, ageWords, type FactAbout, type Person } from '@wellhydra/core/household';
import ChevronDown from 'lucide-react-native/icons/chevron-down';
import ChevronUp from 'lucide-react-native/icons/chevron-up';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { Choice } from '../../../ui/choice';
import { Field } from '../../../ui/field';
import { MonthField } from '../../../ui/month-field';
import { Text } from '../../../ui/text';
import { Toggle } from '../../../ui/toggle';

/** Somebody of whom nothing is said yet. */
export const UNNAMED: Person = {
  name: '',
  note: '',
  born: null,
  group: 'adult',
  weight_kg: null,
  facts: {},
  lines: {},
};

interface WhoFormProps {
  readonly person: Person;
  readonly onChange: (by: Partial<Person>) => void;
  readonly now: Date;
  /** What is wrong with the name, once it was tried. */
  readonly nameError?: string | undefined;
}

const monthOf = (date: Date): string => `${date.getFullYear()}-${String(date.getMonth() + 1).padStart(2, '0')}`;

/** Who somebody is, and what of them changes what they are advised. */
export function WhoForm({ person, onChange, now, nameError }: WhoFormProps) {
  const { name, note, born, group } = person;
  const age = born === null ? '' : ageWords(person, now) || 'grown up';
  return (
    <View className="gap-4">
      <Field
        label="Name"
        value={name}
        maxLength={60}
        onChangeText={(next) => onChange({ name: next })}
        error={nameError}
      />
      <Field
        label="What tells them apart"
        placeholder="night watch"
        value={note}
        maxLength={80}
        onChangeText={(next) => onChange({ note: next })}
      />
      <MonthField
        label="Month of birth"
        value={born ?? ''}
        latest={monthOf(now)}
        onChange={(month) => onChange({ born: BIRTH_MONTH.test(month) ? month : null })}
        help={age ? `Counted from it: ${age}.` : 'Or only the age, below.'}
      />
      {born === null ? (
        <View className="gap-2">
          <Text variant="smallStrong">Age</Text>
          <Choice
            label="Age"
            options={AGE_GROUPS.map(({ code, words }) => ({ value: code, label: words }))}
            value={group}
            onChange={(next) => onChange({ group: next })}
          />
        </View>
      ) : null}
      <Weight person={person} onChange={onChange} />
      {ABOUTS.map(({ about, label, help }) => (
        <Facts key={about} about={about} label={label} help={help} person={person} onChange={onChange} />
      ))}
    </View>
  );
}

/** Weight decides lines that are drawn by the kilogram; nobody has to say it. */
function Weight({ person, onChange }: Pick<WhoFormProps, 'person' | 'onChange'>) {
  const [typed, setTyped] = useState<string | null>(null);
  const text = typed ?? (person.weight_kg === null ? '' : String(person.weight_kg));
  const number = Number(text.trim().replace(',', '.'));
  const wrong = text.trim() !== '' && !(number >= 1 && number <= 400);
  return (
    <Field
      label="Weight, kg"
      inputMode="decimal"
      value={text}
      onChangeText={(next) => {
        setTyped(next);
        const read = Number(next.trim().replace(',', '.'));
        if (next.trim() === '') onChange({ weight_kg: null });
        else if (read >= 1 && read <= 400) onChange({ weight_kg: read });
      }}
      onBlur={() => {
        if (!wrong) setTyped(null);
      }}
      error={wrong ? 'Between 1 and 400 kg, or nothing.' : undefined}
      help="Where it is not said, a low one for the age is taken."
    />
  );
}

const ABOUTS: readonly { readonly about: FactAbout; readonly label: string; readonly help: string }[] = [
  { about: 'health', label: 'Health', help: 'Only what changes what they should drink.' },
  { about: 'medicine', label: 'Medicines', help: 'By their groups. The leaflet or a pharmacist says which one it is.' },
  { about: 'allergy', label: 'Allergies', help: '' },
  { about: 'choice', label: 'Goes without', help: '' },
];

interface FactsProps extends Pick<WhoFormProps, 'person' | 'onChange'> {
  readonly about: FactAbout;
  readonly label: string;
  readonly help: string;
}

function Facts({ about, label, help, person, onChange }: FactsProps) {
  const rows = FACTS.filter((fact) => fact.about === about);
  const so = rows.filter(({ code }) => person.facts[code]);
  const [open, setOpen] = useState(false);
  const Chevron = open ? ChevronUp : ChevronDown;
  return (
    <View className="gap-1 border-t border-line pt-1">
      <Pressable
        role="button"
        aria-expanded={open}
        aria-label={label}
        onPress={() => setOpen(!open)}
        className="min-h-[48px] flex-row items-center justify-between gap-3"
      >
        <View className="shrink">
          <Text variant="strong">{label}</Text>
          <Text variant="small">{so.length === 0 ? 'Nothing said' : so.map(({ words }) => words).join(', ')}</Text>
        </View>
        <Text className="text-teal">
          <Chevron size={22} color="currentColor" />
        </Text>
      </Pressable>
      {open ? (
        <View className="pb-2">
          {help ? <Text variant="small">{help}</Text> : null}
          {rows.map(({ code, words }) => (
            <Toggle
              key={code}
              label={words.charAt(0).toUpperCase() + words.slice(1)}
              value={person.facts[code] === true}
              onChange={(value) => {
                const { [code]: _before, ...rest } = person.facts;
                onChange({ facts: value ? { ...rest, [code]: true } : rest });
              }}
            />
          ))}
        </View>
      ) : null}
    </View>
  );
}
