import {
  EMPTY_BOARD,
  variantDocument,
  type DrinkDocument,
  type Slot,
  type Variant,
  type VariantBoard,
} from '@wellhydra/core/drink';
import Plus from 'lucide-react-native/icons/plus';
import Trash from 'lucide-react-native/icons/trash';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../../ui/button';
import { Choice } from '../../../ui/choice';
import { Field } from '../../../ui/field';
import { IconButton } from '../../../ui/icon-button';
import { Sheet } from '../../../ui/sheet';
import { Text } from '../../../ui/text';
import { useSession } from '../../../domain/accounts/use-session';
import type { RunContext } from '../../../domain/run/run-context';
import { TasteSheet } from './taste-sheet';
import {
  SLOT_NAMES,
  choiceWords,
  everyVariant,
  freeSteps,
  variantRows,
  winnerOf,
  type VariantRow,
} from './variants-view';

interface VariantsSheetProps {
  readonly document: DrinkDocument;
  readonly context: RunContext;
  readonly onChange: (board: VariantBoard) => void;
  readonly onKeep: (document: DrinkDocument, name: string) => void;
  readonly onClose: () => void;
}

const newId = () => crypto.randomUUID();

/** Slots with choices, and the drinks that come of them side by side. */
export function VariantsSheet({ document, context, onChange, onKeep, onClose }: VariantsSheetProps) {
  const board = document.variants ?? EMPTY_BOARD;
  const [tasting, setTasting] = useState(false);
  const session = useSession();
  const rows = useMemo(() => variantRows(document, board, context), [document, board, context]);
  const winner = winnerOf(board);
  const replaceVariant = (variant: Variant) =>
    onChange({ ...board, variants: board.variants.map((each) => (each.id === variant.id ? variant : each)) });
  const makeAll = () => onChange({ ...board, variants: everyVariant(board.slots, newId) });
  const keep = (id: string) => {
    const variant = board.variants.find((each) => each.id === id);
    if (variant) onKeep(variantDocument(document, board, variant), variant.name);
  };
  return (
    <Sheet title="Variants" open onClose={onClose} wide>
      <Slots document={document} board={board} onChange={onChange} onDone={makeAll} />
      <View className="gap-3">
        <View className="flex-row flex-wrap items-center justify-between gap-2">
          <Text variant="subheading">Side by side</Text>
          <View className="flex-row flex-wrap gap-2">
            <Button
              label="Make all"
              kind="plain"
              why={board.slots.length === 0 ? 'Make a slot of a step first' : null}
              onPress={makeAll}
            />
            <Button
              label="Add one"
              kind="plain"
              icon={Plus}
              why={board.slots.length === 0 ? 'Make a slot of a step first' : null}
              onPress={() =>
                onChange({
                  ...board,
                  variants: [
                    ...board.variants,
                    { id: newId(), name: String.fromCharCode(65 + board.variants.length), picks: {}, scores: [] },
                  ],
                })
              }
            />
            <Button
              label="Taste"
              why={board.variants.length === 0 ? 'There are no variants yet' : null}
              onPress={() => setTasting(true)}
            />
          </View>
        </View>
        {board.variants.length === 0 ? (
          <Text className="text-mute">
            Make a slot of a step, write what else could stand there, and make the variants.
          </Text>
        ) : null}
        <View role="list" aria-label="Variants" className="gap-3 md:flex-row md:flex-wrap">
          {rows.map((row, index) => (
            <VariantCard
              key={row.id}
              row={row}
              variant={board.variants[index]!}
              slots={board.slots}
              wins={winner?.id === row.id}
              onChange={replaceVariant}
              onRemove={() => onChange({ ...board, variants: board.variants.filter(({ id }) => id !== row.id) })}
              onKeep={() => keep(row.id)}
            />
          ))}
        </View>
      </View>
      {tasting ? (
        <TasteSheet
          variants={board.variants}
          picks={new Map(rows.map(({ id, picks }) => [id, picks]))}
          by={session?.account.name ?? ''}
          onScore={(id, score) => {
            const variant = board.variants.find((each) => each.id === id);
            if (variant) replaceVariant({ ...variant, scores: [...variant.scores, score] });
          }}
          onClose={() => setTasting(false)}
        />
      ) : null}
    </Sheet>
  );
}

interface BoardProps {
  readonly document: DrinkDocument;
  readonly board: VariantBoard;
  readonly onChange: (board: VariantBoard) => void;
  /** All choices are written. */
  readonly onDone: () => void;
}

function Slots({ document, board, onChange, onDone }: BoardProps) {
  const [made, setMade] = useState<string | null>(null);
  const free = freeSteps(document, board);
  const replace = (slot: Slot) =>
    onChange({ ...board, slots: board.slots.map((each) => (each.id === slot.id ? slot : each)) });
  const remove = (id: string) => onChange({ ...board, slots: board.slots.filter((each) => each.id !== id) });
  return (
    <View className="gap-3">
      <Text variant="subheading">Slots</Text>
      {board.slots.map((slot) => (
        <SlotEditor
          key={slot.id}
          slot={slot}
          isNew={slot.id === made}
          onChange={replace}
          onRemove={() => remove(slot.id)}
          onDone={onDone}
        />
      ))}
      {free.length > 0 ? (
        <>
          <Text variant="smallStrong">Make a slot of</Text>
          <Choice
            label="Make a slot of"
            options={free.map(({ id, title }) => ({ value: id, label: title }))}
            value=""
            onChange={(stepId) => {
              const step = document.steps.find(({ id }) => id === stepId);
              if (!step) return;
              const id = newId();
              setMade(id);
              onChange({ ...board, slots: [...board.slots, { id, name: '', stepId, choices: [step.text, ''] }] });
            }}
          />
        </>
      ) : null}
    </View>
  );
}

function SlotEditor({
  slot,
  isNew,
  onChange,
  onRemove,
  onDone,
}: {
  readonly slot: Slot;
  /** Made just now: its second choice is what comes next. */
  readonly isNew: boolean;
  readonly onChange: (slot: Slot) => void;
  readonly onRemove: () => void;
  readonly onDone: () => void;
}) {
  const set = (index: number, text: string) =>
    onChange({ ...slot, choices: slot.choices.map((each, place) => (place === index ? text : each)) });
  const name = slot.name || 'slot';
  return (
    <View className="gap-2 rounded-[12px] border border-line p-3">
      <View className="flex-row items-start justify-between gap-2">
        <View className="shrink">
          <Choice
            label={`What the ${name} is`}
            options={SLOT_NAMES.map((each) => ({ value: each as string, label: each }))}
            value={slot.name}
            onChange={(value) => onChange({ ...slot, name: value })}
          />
        </View>
        <IconButton icon={Trash} label={`Remove the ${name}`} onPress={onRemove} />
      </View>
      {slot.choices.map((choice, index) => (
        <Field
          key={index}
          label={`Choice ${index + 1}`}
          placeholder="left out"
          placeholderTextColor="#6B807F"
          value={choice}
          onChangeText={(text) => set(index, text)}
          autoFocus={isNew && index === 1}
          onSubmitEditing={onDone}
        />
      ))}
      <Button
        label="Another choice"
        kind="quiet"
        icon={Plus}
        className="self-start"
        onPress={() => onChange({ ...slot, choices: [...slot.choices, ''] })}
      />
    </View>
  );
}

interface VariantCardProps {
  readonly row: VariantRow;
  readonly variant: Variant;
  readonly slots: readonly Slot[];
  readonly wins: boolean;
  readonly onChange: (variant: Variant) => void;
  readonly onRemove: () => void;
  readonly onKeep: () => void;
}

function VariantCard({ row, variant, slots, wins, onChange, onRemove, onKeep }: VariantCardProps) {
  return (
    <View
      role="listitem"
      className={`gap-2 rounded-[12px] border-2 p-3 md:w-[400px] ${wins ? 'border-teal' : 'border-line'}`}
    >
      <View className="flex-row items-end gap-2">
        <View className="flex-1">
          <Field
            label={wins ? 'Liked best' : 'Variant'}
            value={variant.name}
            onChangeText={(name) => onChange({ ...variant, name })}
          />
        </View>
        <IconButton icon={Trash} label={`Remove variant ${row.name}`} onPress={onRemove} />
      </View>
      <Text variant="strong">{row.sugar}</Text>
      <Text variant="strong">{row.salt}</Text>
      <Text variant="small">
        {row.total} · {row.score}
      </Text>
      {row.warning ? (
        <Text variant="smallStrong" className="text-heat">
          {row.warning}
        </Text>
      ) : null}
      {row.problem ? <Text className="text-heat">{row.problem}</Text> : null}
      {slots.map((slot) => (
        <Choice
          key={slot.id}
          label={`${slot.name || 'Slot'} of ${row.name}`}
          options={slot.choices.map((choice, index) => ({ value: String(index), label: choiceWords(choice) }))}
          value={String(variant.picks[slot.id] ?? 0)}
          onChange={(index) => onChange({ ...variant, picks: { ...variant.picks, [slot.id]: Number(index) } })}
        />
      ))}
      <Button label="Keep this one" hint={`Keep this one: ${row.name}`} kind="plain" onPress={onKeep} />
    </View>
  );
}
