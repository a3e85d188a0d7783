import type { BottleRecord } from '@wellhydra/contract';
import { shapeOf, type VesselShape } from '@wellhydra/core/keeping';
import { isUnreadable, readAmount } from '@wellhydra/core/quantity';
import { useState } from 'react';
import { bottleChanged, changeTakenBack } from '../../../domain/bottles/bottle-deeds';
import { useListBottlesQuery } from '../../../domain/bottles/bottle-endpoints';
import { useAppDispatch } from '../../../domain/store';
import { noticeRaised } from '../../../state/notices';
import { keepAction } from '../../../state/undo-actions';
import { Button } from '../../../ui/button';
import { Choice } from '../../../ui/choice';
import { Field } from '../../../ui/field';
import { Sheet } from '../../../ui/sheet';
import { Text } from '../../../ui/text';
import { measure } from '../bottles-view';
import { usePlaces } from './move-sheet';

export type AmountChange = 'corrected' | 'topped-up' | 'split';
const TITLES: Readonly<Record<AmountChange, string>> = {
  corrected: 'How much is really left?',
  'topped-up': 'Top it up',
  split: 'Into a bottle of its own',
};
const SHAPES: readonly { readonly value: VesselShape; readonly label: string }[] = [
  { value: 'bottle', label: 'Bottle' },
  { value: 'jar', label: 'Jar' },
  { value: 'flask', label: 'Flask' },
  { value: 'jug', label: 'Jug' },
  { value: 'tin', label: 'Tin' },
];

interface AmountSheetProps {
  readonly bottle: BottleRecord;
  readonly change: AmountChange;
  readonly onClose: () => void;
}

function readIt(text: string, dry: boolean): number | string {
  const read = readAmount(text);
  if (isUnreadable(read)) return read.message;
  if (read.unit.dimension !== (dry ? 'mass' : 'volume')) return dry ? 'Say it in g.' : 'Say it in mL or L.';
  return read.value * read.unit.size;
}

/** What is done to what is in a bottle by an amount: corrected, topped up from another of its batch, or split. */
export function AmountSheet({ bottle, change, onClose }: AmountSheetProps) {
  const dispatch = useAppDispatch();
  const { data } = useListBottlesQuery();
  const places = usePlaces();
  const dry = bottle.kind === 'dry-mix';
  const others = (data?.bottles ?? []).filter(
    ({ id, brewId, remaining_mL }) => brewId === bottle.brewId && id !== bottle.id && remaining_mL > 0,
  );
  const [from, setFrom] = useState(others[0]?.id ?? '');
  const source = others.find(({ id }) => id === from);
  const usualOf = (of: BottleRecord | undefined) =>
    change === 'topped-up'
      ? (of?.remaining_mL ?? 0)
      : change === 'split'
        ? bottle.remaining_mL / 2
        : bottle.remaining_mL;
  // As it was when the sheet was opened: what others pour meanwhile changes nothing under the fingers.
  const [usual, setUsual] = useState(() => usualOf(source));
  const [text, setText] = useState<string | null>(null);
  const [placeKey, setPlaceKey] = useState<string>(bottle.spot ? `own ${bottle.spot}` : bottle.place);
  const [shape, setShape] = useState<VesselShape>(bottle.vessel?.shape ?? shapeOf(''));
  const shown = text ?? measure(bottle, usual);
  const amount = text === null ? usual : readIt(text, dry);
  const most = change === 'topped-up' ? (source?.remaining_mL ?? 0) : bottle.remaining_mL;
  const wrong =
    typeof amount === 'string'
      ? amount
      : change !== 'corrected' && amount > most + 0.01
        ? `There are ${measure(bottle, most)}.`
        : change !== 'corrected' && amount <= 0
          ? 'More than nothing.'
          : undefined;
  const act = () => {
    if (typeof amount === 'string' || wrong) return;
    const changeId = crypto.randomUUID();
    const at = new Date().toISOString();
    const { place, spot } = places.find(({ key }) => key === placeKey) ?? bottle;
    if (change === 'corrected')
      dispatch(bottleChanged(bottle, changeId, { kind: 'corrected', at, remaining_mL: amount }));
    else if (change === 'topped-up')
      dispatch(bottleChanged(bottle, changeId, { kind: 'topped-up', at, from, volume_mL: amount }));
    else {
      const vessel = { name: '', shape, size_mL: amount, dark: bottle.vessel?.dark ?? false };
      const into = { id: crypto.randomUUID(), volume_mL: amount, place, spot, vessel };
      dispatch(bottleChanged(bottle, changeId, { kind: 'split', at, into }));
    }
    const back = () => void dispatch(changeTakenBack(bottle, changeId));
    dispatch(noticeRaised({ text: 'It is noted', action: { label: 'Undo', run: keepAction(back) } }));
    onClose();
  };
  return (
    <Sheet title={TITLES[change]} open onClose={onClose}>
      {change === 'topped-up' && others.length === 0 ? (
        <Text className="text-mute">
          There is no other bottle of this batch. Only bottles of one batch are put together: what is in them, and until
          when it keeps, is the same.
        </Text>
      ) : (
        <>
          {change === 'topped-up' ? (
            <Choice
              label="From which"
              options={others.map((each) => ({
                value: each.id,
                label: `${each.spot ?? each.place.replace('-', ' ')}, ${measure(each, each.remaining_mL)}`,
              }))}
              value={from}
              onChange={(next) => {
                setFrom(next);
                setUsual(usualOf(others.find(({ id }) => id === next)));
                setText(null);
              }}
            />
          ) : null}
          <Field label="How much" value={shown} onChangeText={setText} error={wrong} />
          {change === 'split' ? (
            <>
              <Choice label="Into" options={SHAPES} value={shape} onChange={setShape} />
              <Choice
                label="Put in"
                options={places.map(({ key, label }) => ({ value: key, label }))}
                value={placeKey}
                onChange={setPlaceKey}
              />
            </>
          ) : null}
          {change === 'topped-up' ? (
            <Text variant="small">The shorter of their two dates holds for both, and both count as opened.</Text>
          ) : null}
          <Button
            label="Do it"
            size="large"
            why={wrong === undefined ? null : 'The amount above is not right yet'}
            onPress={act}
          />
        </>
      )}
    </Sheet>
  );
}
