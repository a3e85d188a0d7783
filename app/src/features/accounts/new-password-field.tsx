import { PASSWORD_LENGTH } from '@wellhydra/contract/field-limits';
import { Field } from '../../ui/field';

/** Why a new password cannot be taken yet; null where it can. */
export const newPasswordTrouble = (password: string): string | null =>
  password.length < PASSWORD_LENGTH.least ? `The new one has ${PASSWORD_LENGTH.least} characters at least` : null;

interface NewPasswordFieldProps {
  readonly value: string;
  readonly onChange: (value: string) => void;
}

/** Where somebody types a password that they take. */
export const NewPasswordField = ({ value, onChange }: NewPasswordFieldProps) => (
  <Field
    label="New password"
    value={value}
    onChangeText={onChange}
    secureTextEntry
    autoCapitalize="none"
    autoComplete="new-password"
    maxLength={PASSWORD_LENGTH.most}
    help={`At least ${PASSWORD_LENGTH.least} characters. Four words that have nothing to do with each other are a good one.`}
  />
);
