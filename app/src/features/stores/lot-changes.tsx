import type { LotChange, LotRecord } from '@wellhydra/contract';
import { readAmount } from '@wellhydra/core/quantity';
import { useState } from 'react';
import { showMass } from '../../domain/words/units';
import { Button } from '../../ui/button';
import { Choice } from '../../ui/choice';
import { Field } from '../../ui/field';
import { Sheet } from '../../ui/sheet';

interface ChangeProps {
  readonly lot: LotRecord;
  readonly onDo: (change: LotChange, text: string) => void;
  readonly onClose: () => void;
}

/** A mass as it is typed, g; or what is wrong with it. */
function readMass(text: string): number | string {
  const amount = readAmount(text);
  if ('kind' in amount) return amount.message;
  if (amount.unit.dimension !== 'mass') return 'Write a weight, such as 420 g.';
  return amount.value * amount.unit.size;
}

const now = (): string => new Date().toISOString();

/** What is really left, as the scale says. */
export function Weigh({ lot, onDo, onClose }: ChangeProps) {
  const [text, setText] = useState('');
  const grams = readMass(text);
  const message = text.trim() === '' ? undefined : typeof grams === 'string' ? grams : undefined;
  const off = typeof grams === 'number' ? grams - lot.remaining_g : 0;
  return (
    <Sheet title="Weigh it" open onClose={onClose}>
      <Field
        label="What is left, without the jar"
        placeholder={showMass(lot.remaining_g)}
        placeholderTextColor="#6B807F"
        value={text}
        onChangeText={setText}
        error={message}
        help={
          typeof grams === 'number' && Math.abs(off) >= 0.5
            ? `${showMass(Math.abs(off))} ${off > 0 ? 'more' : 'less'} than was thought`
            : undefined
        }
      />
      <Button
        label="It is so"
        size="large"
        why={typeof grams === 'string' ? 'Write what the scale shows' : null}
        onPress={() =>
          typeof grams === 'number' &&
          onDo({ kind: 'weighed', at: now(), remaining_g: grams }, `${lot.name}: ${showMass(grams)} left`)
        }
      />
    </Sheet>
  );
}

/** Something of it was used for what is no drink. */
export function UseSome({ lot, onDo, onClose }: ChangeProps) {
  const [text, setText] = useState('');
  const [reason, setReason] = useState('');
  const grams = readMass(text);
  const message =
    text.trim() === ''
      ? undefined
      : typeof grams === 'string'
        ? grams
        : grams > lot.remaining_g
          ? `There are ${showMass(lot.remaining_g)} left.`
          : grams <= 0
            ? 'Write more than nothing.'
            : undefined;
  const ready = text.trim() !== '' && message === undefined;
  return (
    <Sheet title="Use some" open onClose={onClose}>
      <Field label="How much" placeholder="50 g" value={text} onChangeText={setText} error={message} />
      <Field label="For what" value={reason} onChangeText={setReason} />
      <Button
        label="Take it"
        size="large"
        why={ready ? null : message ? 'The amount above is not right yet' : 'Write how much'}
        onPress={() =>
          typeof grams === 'number' &&
          onDo({ kind: 'used', at: now(), grams, reason }, `${showMass(grams)} of ${lot.name} used`)
        }
      />
    </Sheet>
  );
}

const REASONS = [
  'Gone off',
  'Damp or caked',
  'Insects in it',
  'Recalled',
  'Put in by mistake',
  'Something else',
] as const;

/** What is left is thrown away, and why. */
export function ThrowAway({ lot, onDo, onClose }: ChangeProps) {
  const [reason, setReason] = useState<string>(REASONS[0]);
  return (
    <Sheet title="Throw away" open onClose={onClose}>
      <Choice
        label="Why"
        options={REASONS.map((each) => ({ value: each as string, label: each }))}
        value={reason}
        onChange={setReason}
      />
      <Button
        label={`Throw ${showMass(lot.remaining_g)} away`}
        kind="danger"
        size="large"
        onPress={() => onDo({ kind: 'thrown-away', at: now(), reason }, `${lot.name} is thrown away`)}
      />
    </Sheet>
  );
}
