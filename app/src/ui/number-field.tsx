import { useState } from 'react';
import { Field } from './field';
import { typedNumber } from './typed-number';

interface OptionalNumberProps {
  readonly label: string;
  readonly unit: string;
  readonly value: number | undefined;
  readonly range: readonly [least: number, most: number];
  /** undefined where nothing is said any more. */
  readonly onChange: (value: number | undefined) => void;
  /** Whether something has to be said. */
  readonly required?: boolean;
}

/** A number that need not be said; what cannot be stays in the box and says why, and nothing else changes. */
export function OptionalNumber({
  label,
  unit,
  value,
  range: [least, most],
  onChange,
  required = false,
}: OptionalNumberProps) {
  const [typed, setTyped] = useState<string | null>(null);
  const text = typed ?? (value === undefined ? '' : String(value));
  const fits = (written: string) => {
    const number = typedNumber(written);
    return written.trim() === '' ? !required : number >= least && number <= most;
  };
  return (
    <Field
      label={`${label}, ${unit}`}
      inputMode="decimal"
      value={text}
      onChangeText={(next) => {
        setTyped(next);
        if (fits(next)) onChange(next.trim() === '' ? undefined : typedNumber(next));
      }}
      onBlur={() => {
        if (fits(text)) setTyped(null);
      }}
      error={fits(text) ? undefined : `Between ${least} and ${most} ${unit}.`}
    />
  );
}

interface NumberFieldProps extends Omit<OptionalNumberProps, 'value' | 'onChange' | 'required'> {
  readonly value: number;
  readonly onChange: (value: number) => void;
}

/** A number with its unit, which has to be said. */
export function NumberField({ onChange, ...field }: NumberFieldProps) {
  return <OptionalNumber {...field} required onChange={(value) => value !== undefined && onChange(value)} />;
}
