import { useState } from 'react';
import { Field } from './field';

interface NumberFieldProps {
  readonly label: string;
  readonly unit: string;
  readonly value: number;
  readonly range: readonly [least: number, most: number];
  readonly onChange: (value: number) => void;
}

/** A number with its unit; what cannot be stays in the box and says why, and nothing else changes. */
export function NumberField({ label, unit, value, range: [least, most], onChange }: NumberFieldProps) {
  const [typed, setTyped] = useState<string | null>(null);
  const text = typed ?? String(value);
  const number = text.trim() === '' ? NaN : Number(text.trim().replace(',', '.'));
  const wrong = !(number >= least && number <= most);
  return (
    <Field
      label={`${label}, ${unit}`}
      inputMode="decimal"
      value={text}
      onChangeText={(next) => {
        setTyped(next);
        const read = next.trim() === '' ? NaN : Number(next.trim().replace(',', '.'));
        if (read >= least && read <= most) onChange(read);
      }}
      onBlur={() => {
        if (!wrong) setTyped(null);
      }}
      error={wrong ? `Between ${least} and ${most} ${unit}.` : undefined}
    />
  );
}

interface OptionalNumberProps extends Omit<NumberFieldProps, 'value' | 'onChange'> {
  readonly value: number | undefined;
  /** undefined where nothing is said any more. */
  readonly onChange: (value: number | undefined) => void;
}

/** A number that need not be said; what cannot be stays in the box and says why, and nothing else changes. */
export function OptionalNumber({ label, unit, value, range: [least, most], onChange }: OptionalNumberProps) {
  const [typed, setTyped] = useState<string | null>(null);
  const text = typed ?? (value === undefined ? '' : String(value));
  const read = (next: string) => (next.trim() === '' ? undefined : Number(next.trim().replace(',', '.')));
  const fits = (number: number | undefined) => number === undefined || (number >= least && number <= most);
  return (
    <Field
      label={`${label}, ${unit}`}
      inputMode="decimal"
      value={text}
      onChangeText={(next) => {
        setTyped(next);
        const number = read(next);
        if (fits(number)) onChange(number);
      }}
      onBlur={() => {
        if (fits(read(text))) setTyped(null);
      }}
      error={fits(read(text)) ? undefined : `Between ${least} and ${most} ${unit}.`}
    />
  );
}
