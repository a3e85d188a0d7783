import { VERBS, VERB_GROUPS, VERB_TABLE, needsStove, type EditedStep, type Verb } from '@wellhydra/core/drink';
import type { KitchenSettings } from '@wellhydra/core/kitchen';
import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { Button } from '../../../ui/button';
import { Choice } from '../../../ui/choice';
import { Field } from '../../../ui/field';
import { Sheet } from '../../../ui/sheet';
import { Text } from '../../../ui/text';
import { Toggle } from '../../../ui/toggle';
import type { StepView } from './steps-view';
import { IngredientPicker, type Pickable } from './ingredient-picker';
import { StepQualifier } from './step-qualifiers';

interface StepSheetProps {
  readonly view: StepView;
  readonly settings: KitchenSettings;
  readonly preparations: readonly Pickable[];
  readonly onReplace: (step: EditedStep) => void;
  readonly onClose: () => void;
  /** Other ways to do the step, and what could stand in for its ingredient. */
  readonly children?: ReactNode;
}

/** What can be done to a glass: nobody boils, bottles or processes one. */
const isForGlasses = (verb: Verb): boolean => !VERB_TABLE[verb].putsAway && !needsStove(verb);

/** A step with its answers left out that are no longer asked. */
function withVerb({ id, note, optional, atServing }: EditedStep, verb: Verb, text: string): EditedStep {
  return {
    id,
    verb,
    text,
    ...(note ? { note } : {}),
    ...(optional ? { optional } : {}),
    ...(atServing && isForGlasses(verb) ? { atServing } : {}),
  };
}

/** Without the keys that were set to nothing. */
const cleaned = (step: EditedStep): EditedStep =>
  Object.fromEntries(Object.entries(step).filter(([, value]) => value !== undefined)) as unknown as EditedStep;

/** A step by big controls: what is done, how much or how long, and everything else it can say. */
export function StepSheet({ view, settings, preparations, onReplace, onClose, children }: StepSheetProps) {
  const { step } = view;
  const [choosingVerb, setChoosingVerb] = useState(false);
  const putsIn = step.verb === 'add' || step.verb === 'use';
  const [picking, setPicking] = useState(step.text.trim() === '');
  const { label, value: form, takes } = VERB_TABLE[step.verb];
  const change = (by: Partial<EditedStep>) => onReplace(cleaned({ ...step, ...by }));
  const picks =
    step.verb === 'bottle'
      ? settings.containers.map(({ count, name }) => `${Math.max(1, count)} x ${name}`)
      : step.verb === 'strain'
        ? form.picks.filter((each) => each === 'drain' || (settings.strainers as readonly string[]).includes(each))
        : form.picks;
  return (
    <Sheet title={`Step ${view.index + 1}`} open onClose={onClose}>
      <View className="gap-2">
        <View className="flex-row items-center justify-between">
          <Text variant="strong" className="font-heading text-22">
            {label}
          </Text>
          <Button
            label={choosingVerb ? 'Keep it' : 'Do something else'}
            kind="plain"
            expanded={choosingVerb}
            onPress={() => setChoosingVerb(!choosingVerb)}
          />
        </View>
        {choosingVerb
          ? VERB_GROUPS.map((title) => (
              <View key={title} className="gap-1">
                <Text variant="smallStrong">{title}</Text>
                <Choice
                  label={title}
                  options={VERBS.filter((verb) => VERB_TABLE[verb].group === title).map((verb) => ({
                    value: verb as string,
                    label: VERB_TABLE[verb].label,
                  }))}
                  value={step.verb}
                  onChange={(verb) => {
                    setChoosingVerb(false);
                    onReplace(withVerb(step, verb as Verb, VERB_TABLE[verb as Verb].value.picks[0] ?? ''));
                  }}
                />
              </View>
            ))
          : null}
      </View>
      <Field
        label={form.label}
        placeholder={form.placeholder}
        placeholderTextColor="#6B807F"
        value={step.text}
        onChangeText={(text) => change({ text })}
        error={view.problem?.message}
        help={view.problem ? undefined : [view.details, view.after].filter(Boolean).join(' · ')}
      />
      {picks.length > 0 ? (
        <Choice
          label={form.label}
          options={picks.map((pick) => ({ value: pick, label: pick }))}
          value={step.text}
          onChange={(text) => change({ text })}
        />
      ) : null}
      {putsIn && !picking ? (
        <Button label="Pick something else" kind="plain" className="self-start" onPress={() => setPicking(true)} />
      ) : null}
      {putsIn && picking ? (
        <IngredientPicker
          preparations={preparations}
          onPick={(text, preparation) => {
            setPicking(false);
            onReplace(withVerb(step, preparation ? 'use' : 'add', text));
          }}
        />
      ) : null}
      {takes.map((name) => (
        <StepQualifier key={name} name={name} step={step} settings={settings} onChange={change} />
      ))}
      {children}
      <View>
        {isForGlasses(step.verb) || step.atServing ? (
          <Toggle
            label="Into each glass, not into the batch"
            value={step.atServing === true}
            onChange={(value) => change({ atServing: value || undefined } as Partial<EditedStep>)}
          />
        ) : null}
        <Toggle
          label="Optional"
          value={step.optional === true}
          onChange={(value) => change({ optional: value || undefined } as Partial<EditedStep>)}
        />
      </View>
      <Field
        label="Note"
        value={step.note ?? ''}
        multiline
        onChangeText={(note) => change({ note: note === '' ? undefined : note } as Partial<EditedStep>)}
      />
      <Button label="Done" size="large" onPress={onClose} />
    </Sheet>
  );
}
