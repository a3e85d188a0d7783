import { AIM_FIGURES, INSTRUMENTS, aimedSteps, type AimFigure } from '@wellhydra/core/aim';
import type { Analysis } from '@wellhydra/core/analyse';
import { ingredientById, searchIngredients } from '@wellhydra/core/catalogue';
import type { DrinkStep } from '@wellhydra/core/drink';
import { formatNumber } from '@wellhydra/core/quantity';
import { TARGETS } from '@wellhydra/core/target';
import Lock from 'lucide-react-native/icons/lock';
import LockOpen from 'lucide-react-native/icons/lock-open';
import X from 'lucide-react-native/icons/x';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../../ui/button';
import { Choice } from '../../../ui/choice';
import { Field } from '../../../ui/field';
import { IconButton } from '../../../ui/icon-button';
import { Rail } from '../../../ui/rail';
import { Sheet } from '../../../ui/sheet';
import { Text } from '../../../ui/text';
import type { RunContext } from '../../../domain/run/run-context';
import { oddsWords } from '../figures/target-words';
import { sensible } from '../figures/figures-view';
import { Suggestions } from '../step/suggestions';
import { useMadeFor } from '../../../domain/people/use-made-for';
import { PeopleToggles } from '../people/people-toggles';
import { aimForm, aimQuestion, withPeople, withRemedy, withTarget, type AimForm } from './aim-form';
import { figureName, linesOf, type AimAnswer } from './answer-aim';
import { useAim } from './use-aim';

interface AimSheetProps {
  readonly drinkId: string;
  readonly analysis: Analysis;
  readonly context: RunContext;
  readonly onTake: (steps: readonly DrinkStep[], target: string) => void;
  readonly onClose: () => void;
}

const OWN = { value: '', label: 'My own' };
const MOST_FOUND = 6;

/** Doses that come to a target and can really be measured. */
export function AimSheet({ drinkId, analysis, context, onTake, onClose }: AimSheetProps) {
  const [typed, setForm] = useState(() => aimForm(analysis, context.settings));
  const madeFor = useMadeFor(drinkId);
  const { chosen } = madeFor;
  const form = useMemo(() => withPeople(typed, chosen, new Date()), [typed, chosen]);
  const { answer, problem } = useAim(form);
  const volume = answer && answer.doses.length > 0 ? answer : null;
  return (
    <Sheet title="Aim the doses" open onClose={onClose} wide>
      <Choice
        label="Target"
        options={[...TARGETS.map(({ code, name }) => ({ value: code, label: name })), OWN]}
        value={form.target}
        onChange={(target) => setForm(withTarget(form, target))}
      />
      {form.target === '' ? <OwnFigures form={form} onChange={setForm} /> : null}
      {answer ? <Reached answer={answer} /> : null}
      {answer && answer.remedies.length > 0 ? (
        <View className="gap-2" role="group" aria-label="What would do">
          {answer.remedies.map((remedy) => (
            <Button
              key={remedy.words}
              label={remedy.words}
              kind="plain"
              onPress={() => setForm(withRemedy(form, remedy))}
            />
          ))}
        </View>
      ) : null}
      <Text variant="smallStrong">Measured with</Text>
      <Choice
        label="Measured with"
        options={INSTRUMENTS.map((each) => ({ value: each, label: each }))}
        value={form.instrument}
        onChange={(instrument) => setForm({ ...form, instrument })}
      />
      <Field label="To make" value={form.volume} onChangeText={(text) => setForm({ ...form, volume: text })} />
      {problem ? (
        <Text role="status" className="text-heat">
          {problem}
        </Text>
      ) : null}
      <PeopleToggles {...madeFor} />
      {answer ? <Doses answer={answer} form={form} onChange={setForm} /> : null}
      <Available form={form} onChange={setForm} />
      <Button
        label="Use these doses"
        size="large"
        why={problem !== null ? 'What is asked above is not clear yet' : volume ? null : 'There are no doses yet'}
        onPress={() => volume && onTake(aimedSteps(linesOf(volume.doses), volumeOf(form)), form.target)}
      />
    </Sheet>
  );
}

/** The volume of a form that has been answered, and so can be read. */
const volumeOf = (form: AimForm): number => {
  const question = aimQuestion(form);
  return typeof question === 'string' ? 1000 : question.volume_mL;
};

function Reached({ answer }: { readonly answer: AimAnswer }) {
  const odds = oddsWords(answer.chanceTooSalty);
  return (
    <View className="on-panel -mx-5 gap-2 bg-panel px-5 py-4" role="group" aria-label="What the doses come to">
      {answer.figures.map(({ figure, target, value, range, met, band }) => {
        const { name, unit } = figureName(figure);
        const top = Math.max(1.4 * Math.max(target, value, range?.p95 ?? 0, 1e-9), 1.1 * band[1]);
        return (
          <Rail
            key={figure}
            label={name}
            value={`${sensible(value)} ${unit}`}
            equal={`of ${sensible(target)}`}
            tone={
              figure.startsWith('gluc') || figure.startsWith('carb')
                ? 'sugar'
                : figure.startsWith('citr')
                  ? 'acid'
                  : 'salt'
            }
            outside={!met}
            spoken={`${name} ${sensible(value)} ${unit}, wanted ${sensible(target)}`}
            places={{
              dot: value / top,
              band: [band[0] / top, band[1] / top],
              ...(range ? { whisker: [range.p5 / top, range.p95 / top] as const } : {}),
            }}
          />
        );
      })}
      <Text className="text-14 leading-20 text-panelmute">
        {answer.figures.every(({ met }) => met)
          ? 'Every figure is inside its band.'
          : `Off by ${formatNumber(100 * answer.distance, 2)} % over all figures together${answer.proven ? '; nothing that can be measured comes nearer' : ''}.`}
      </Text>
      {[...answer.heldBy, ...answer.obstacles].map((text) => (
        <Text key={text} className="text-14 leading-20 text-[#FFB199]">
          {text}
        </Text>
      ))}
      {odds ? <Text className="text-14 leading-20 text-panelmute">{odds}</Text> : null}
    </View>
  );
}

interface FormProps {
  readonly form: AimForm;
  readonly onChange: (form: AimForm) => void;
}

function OwnFigures({ form, onChange }: FormProps) {
  return (
    <View className="gap-3">
      {(Object.keys(AIM_FIGURES) as AimFigure[]).map((figure) => {
        const { name, unit } = figureName(figure);
        return (
          <Field
            key={figure}
            label={`${name}, ${unit}`}
            inputMode="decimal"
            value={form.figures[figure] ?? ''}
            onChangeText={(text) => onChange({ ...form, figures: { ...form.figures, [figure]: text } })}
          />
        );
      })}
    </View>
  );
}

function Doses({ answer, form, onChange }: FormProps & { readonly answer: AimAnswer }) {
  const lock = (id: string, mass_g: number, locked: boolean) =>
    onChange({
      ...form,
      locked: locked ? form.locked.filter((each) => each.id !== id) : [...form.locked, { id, mass_g }],
    });
  return (
    <View role="list" aria-label="Doses">
      {answer.doses.map(({ id, name, mass_g, words, locked }) => (
        <View
          role="listitem"
          key={id}
          className="flex-row items-center justify-between gap-3 border-b border-line py-1"
        >
          <View className="flex-1">
            <Text variant="strong">{name}</Text>
            <Text variant="small">{locked ? 'locked' : words}</Text>
          </View>
          <Text variant="subheading">{sensible(mass_g)} g</Text>
          <IconButton
            icon={locked ? Lock : LockOpen}
            label={`${locked ? 'Unlock' : 'Lock'} ${name.toLowerCase()}`}
            onPress={() => lock(id, mass_g, locked)}
          />
        </View>
      ))}
      {answer.doses.length === 0 ? <Text>Nothing that is there helps.</Text> : null}
    </View>
  );
}

function Available({ form, onChange }: FormProps) {
  const [words, setWords] = useState('');
  const found =
    words.trim() === ''
      ? []
      : searchIngredients(words).filter(({ id, composition }) => composition && !form.available.includes(id));
  return (
    <View className="gap-2">
      <Text variant="smallStrong">With what there is</Text>
      <View role="list" aria-label="With what there is">
        {form.available.map((id) => (
          <View role="listitem" key={id} className="flex-row items-center justify-between border-b border-line">
            <Text className="flex-1">{ingredientById(id).name}</Text>
            <IconButton
              icon={X}
              label={`Do without ${ingredientById(id).name.toLowerCase()}`}
              onPress={() =>
                onChange({
                  ...form,
                  available: form.available.filter((each) => each !== id),
                  locked: form.locked.filter((each) => each.id !== id),
                })
              }
            />
          </View>
        ))}
      </View>
      <Field
        label="Something else"
        placeholder="honey"
        placeholderTextColor="#6B807F"
        value={words}
        onChangeText={setWords}
      />
      <Suggestions
        texts={found.slice(0, MOST_FOUND).map(({ name }) => name)}
        onPick={(name) => {
          const chosen = found.find((each) => each.name === name);
          if (chosen) onChange({ ...form, available: [...form.available, chosen.id] });
          setWords('');
        }}
      />
    </View>
  );
}
