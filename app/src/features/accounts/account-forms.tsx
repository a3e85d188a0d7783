import { joiResolver } from '@hookform/resolvers/joi';
import {
  register as registerSchema,
  signIn as signInSchema,
  type Register,
  type SignIn,
} from '@wellhydra/contract/accounts';
import { PASSWORD_LENGTH } from '@wellhydra/contract/field-limits';
import { useState } from 'react';
import { Controller, useForm, type Control, type FieldValues, type Path } from 'react-hook-form';
import { View } from 'react-native';
import { refusalOf } from '../../state/api';
import { Button } from '../../ui/button';
import { Choice } from '../../ui/choice';
import { Field } from '../../ui/field';
import { Refusal } from '../../ui/refusal';
import { useRegisterMutation, useSignInMutation } from '../../domain/accounts/account-endpoints';
import { useEntering } from '../../domain/accounts/use-entering';

interface LineProps<Values extends FieldValues> {
  readonly control: Control<Values>;
  readonly name: Path<Values>;
  readonly label: string;
  readonly help?: string;
  readonly secret?: boolean;
  readonly autoComplete?: 'email' | 'name' | 'current-password' | 'new-password' | 'off';
}

function Line<Values extends FieldValues>({
  control,
  name,
  label,
  help,
  secret = false,
  autoComplete = 'off',
}: LineProps<Values>) {
  return (
    <Controller
      control={control}
      name={name}
      render={({ field, fieldState }) => (
        <Field
          label={label}
          {...(help ? { help } : {})}
          value={field.value ?? ''}
          onChangeText={field.onChange}
          onBlur={field.onBlur}
          error={fieldState.error?.message?.replaceAll('"', '')}
          secureTextEntry={secret}
          autoComplete={autoComplete}
          autoCapitalize="none"
        />
      )}
    />
  );
}

export function SignInForm({ onForgotten }: { readonly onForgotten?: () => void }) {
  const { control, handleSubmit } = useForm<SignIn>({
    resolver: joiResolver(signInSchema),
    defaultValues: { email: '', password: '' },
  });
  const [signIn, { error, isLoading }] = useSignInMutation();
  const enter = useEntering();
  const submit = handleSubmit(async (values) => {
    const { data } = await signIn(values);
    if (data) enter();
  });
  return (
    <View className="gap-4">
      <Line control={control} name="email" label="E-mail" autoComplete="email" />
      <Line control={control} name="password" label="Password" secret autoComplete="current-password" />
      <Refusal message={refusalOf(error)} />
      <Button label="Sign in" size="large" disabled={isLoading} onPress={() => void submit()} />
      {onForgotten ? <Button label="I have forgotten it" kind="quiet" onPress={onForgotten} /> : null}
    </View>
  );
}

type Joining = 'new' | 'invited';
const JOINING: readonly { readonly value: Joining; readonly label: string }[] = [
  { value: 'new', label: 'A kitchen of my own' },
  { value: 'invited', label: 'I have an invitation' },
];

/** @param invitation as a link has brought it */
export function RegisterForm({ invitation }: { readonly invitation?: string | undefined }) {
  const [joining, setJoining] = useState<Joining>(invitation === undefined ? 'new' : 'invited');
  const { control, handleSubmit, setValue } = useForm<Register>({
    resolver: joiResolver(registerSchema),
    defaultValues: { name: '', email: '', password: '', ...(invitation === undefined ? {} : { invitation }) },
  });
  const [register, { error, isLoading }] = useRegisterMutation();
  const enter = useEntering();
  const choose = (value: Joining) => {
    setJoining(value);
    setValue(value === 'new' ? 'invitation' : 'kitchenName', undefined);
  };
  const submit = handleSubmit(async (values) => {
    const { data } = await register(values);
    if (data) enter();
  });
  return (
    <View className="gap-4">
      <Line control={control} name="name" label="Your name" autoComplete="name" />
      <Line control={control} name="email" label="E-mail" autoComplete="email" />
      <Line
        control={control}
        name="password"
        label="Password"
        secret
        autoComplete="new-password"
        help={`At least ${PASSWORD_LENGTH.least} characters.`}
      />
      <Choice label="Kitchen" options={JOINING} value={joining} onChange={choose} />
      {joining === 'new' ? (
        <Line control={control} name="kitchenName" label="Name of the kitchen" />
      ) : (
        <Line
          control={control}
          name="invitation"
          label="Invitation code"
          help="Whoever is in the kitchen finds it under Kitchen."
        />
      )}
      <Refusal message={refusalOf(error)} />
      <Button label="Make account" size="large" disabled={isLoading} onPress={() => void submit()} />
    </View>
  );
}
