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
