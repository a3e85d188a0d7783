import { OWN_INGREDIENT_LIMITS } from '@wellhydra/contract/field-limits';
import { findIngredient } from '@wellhydra/core/catalogue';
import type { LabelRead } from '@wellhydra/core/own-ingredient';
import X from 'lucide-react-native/icons/x';
import { useState } from 'react';
import { View } from 'react-native';
import { useSettingsDraft } from '../../domain/kitchen/use-settings-draft';
import { useAppDispatch } from '../../domain/store';
import { noticeRaised } from '../../state/notices';
import { keepAction } from '../../state/undo-actions';
import { Button } from '../../ui/button';
import { Choice } from '../../ui/choice';
import { Field } from '../../ui/field';
import { IconButton } from '../../ui/icon-button';
import { Sheet } from '../../ui/sheet';
import { Text } from '../../ui/text';
import { EMPTY_LABEL, LABEL_FIELDS, readLabelForm, saltWords, withLabelText } from './label-form';

const STATES = [
  { value: 'soluble', label: 'It dissolves' },
  { value: 'liquid', label: 'It is liquid' },
  { value: 'solid', label: 'It stays solid' },
] as const;
const ROLES = [
  { value: 'sweetener', label: 'Sweetens' },
  { value: 'salt', label: 'Salts' },
  { value: 'acid', label: 'Sours' },
  { value: 'juice', label: 'A juice' },
  { value: 'herb', label: 'A plant' },
] as const;

/** An ingredient that no catalogue has, from the label of its package: typed, or read from its words. */
export function LabelIngredientSheet({ onClose }: { readonly onClose: () => void }) {
  const dispatch = useAppDispatch();
  const { settings, change } = useSettingsDraft();
  const own = settings.ingredients ?? [];
  const [form, setForm] = useState(EMPTY_LABEL);
  const [pasted, setPasted] = useState('');
  const [read, setRead] = useState<LabelRead | null>(null);
  const [tried, setTried] = useState(false);
  const found = readLabelForm(form, read);
  const wrong = tried && found.kind === 'wrong' ? found : null;
  const taken = own.some(({ name }) => name.toLowerCase() === form.name.trim().toLowerCase());
  const known = form.name.trim() === '' ? undefined : findIngredient(form.name);
  const doubts = found.kind === 'ingredient' ? found.doubts : [];
  const take = () => {
    const taking = withLabelText(form, pasted);
    setForm(taking.form);
    setRead(taking.read);
  };
  const save = () => {
    setTried(true);
    if (found.kind !== 'ingredient') return;
    const { fields } = found;
    change({ ingredients: [...own.filter(({ name }) => name.toLowerCase() !== fields.name.toLowerCase()), fields] });
    dispatch(noticeRaised({ text: `${fields.name} can be used in every drink` }));
    onClose();
  };
  const remove = (name: string) => {
    change({ ingredients: own.filter((each) => each.name !== name) });
    const run = keepAction(() => change({ ingredients: own }));
    dispatch(noticeRaised({ text: `${name} is taken out`, action: { label: 'Undo', run } }));
  };
  return (
    <Sheet title="From its label" open onClose={onClose}>
      <Field
        label="What it is called"
        maxLength={OWN_INGREDIENT_LIMITS.name}
        value={form.name}
        onChangeText={(name) => setForm({ ...form, name })}
        error={wrong?.at === 'name' ? wrong.message : undefined}
        help={
          taken
            ? 'It is there already: its label is written anew.'
            : known
              ? `The catalogue has ${known.name.toLowerCase()}; this one will be used in its place here.`
              : undefined
        }
      />
      <Field
        label="The words of its label, pasted"
        multiline
        numberOfLines={4}
        placeholder={'Per 100 g\nEnergy 1650 kJ / 388 kcal\nCarbohydrate 96 g'}
        maxLength={5000}
        value={pasted}
        onChangeText={setPasted}
      />
      <Button
        label="Read the figures"
        kind="plain"
        className="self-start"
        why={pasted.trim() === '' ? 'Paste or type the label first' : null}
        onPress={take}
      />
      {read ? (
        <Text variant="small" role="status">
          {Object.keys(read.figures).length === 0
            ? 'No figure was found in it. Type them below.'
            : `${Object.keys(read.figures).length} figures were read${read.serving_g === 100 ? '' : `, of ${read.serving_g} g, and brought to 100 g`}.`}
          {read.unread.length > 0 ? ` Not used: ${read.unread.slice(0, 6).join('; ')}.` : ''}
        </Text>
      ) : null}
      <Text variant="smallStrong">In 100 g; what the label does not say stays empty</Text>
      <View className="flex-row flex-wrap gap-3 [&>*]:min-w-[140px] [&>*]:flex-1">
        {LABEL_FIELDS.map(({ figure, label, unit }) => {
          const doubt = doubts.find((each) => each.figure === figure);
          return (
            <Field
              key={figure}
              label={`${label}, ${unit}`}
              inputMode="decimal"
              value={form.figures[figure] ?? ''}
              onChangeText={(text) => setForm({ ...form, figures: { ...form.figures, [figure]: text } })}
              error={wrong?.at === figure ? wrong.message : doubt?.message}
              help={figure === 'sodium_mg' ? saltWords(form.figures.sodium_mg) : undefined}
            />
          );
        })}
      </View>
      <Choice label="In water" options={STATES} value={form.state} onChange={(state) => setForm({ ...form, state })} />
      <Choice label="What it does" options={ROLES} value={form.role} onChange={(role) => setForm({ ...form, role })} />
      <Field
        label="A level teaspoon of it weighs, g"
        inputMode="decimal"
        value={form.teaspoon_g}
        onChangeText={(teaspoon_g) => setForm({ ...form, teaspoon_g })}
        error={wrong?.at === 'teaspoon_g' ? wrong.message : undefined}
        help="Without it, it is measured by weight only."
      />
      {doubts.length > 0 ? (
        <Text variant="small">Look at the label again where something is said; it can be kept as it is.</Text>
      ) : null}
      <Text variant="small">
        A label is rounded and says nothing of acids: how sour it makes a drink is not known before it is measured.
      </Text>
      <Button label={doubts.length > 0 ? 'Keep it as it is' : 'Keep it'} size="large" onPress={save} />
      {own.length > 0 ? (
        <View role="list" aria-label="Ingredients of your own">
          <Text variant="smallStrong">Ingredients of your own</Text>
          {own.map(({ name }) => (
            <View key={name} role="listitem" className="flex-row items-center justify-between border-b border-line">
              <Text>{name}</Text>
              <IconButton icon={X} label={`Take ${name} out`} onPress={() => remove(name)} />
            </View>
          ))}
        </View>
      ) : null}
    </Sheet>
  );
}
