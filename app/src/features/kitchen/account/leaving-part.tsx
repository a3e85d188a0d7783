import { View } from 'react-native';
import { useSignOutMutation } from '../../../domain/accounts/account-endpoints';
import { useLeaving } from '../../../domain/accounts/use-leaving';
import { useAppDispatch, useAppSelector } from '../../../domain/store';
import { failureOf } from '../../../state/api';
import { noticeRaised } from '../../../state/notices';
import { themeChosen, type Theme } from '../../../state/preferences';
import { Button } from '../../../ui/button';
import { Choice } from '../../../ui/choice';
import { Text } from '../../../ui/text';

const THEMES: readonly { readonly value: Theme; readonly label: string }[] = [
  { value: 'system', label: 'As the device' },
  { value: 'light', label: 'Day' },
  { value: 'dark', label: 'Night' },
];

/** How it looks on this device. */
export function ThemePart() {
  const dispatch = useAppDispatch();
  const theme = useAppSelector((state) => state.preferences.theme);
  return (
    <View className="gap-2">
      <Text variant="heading">Day and night</Text>
      <Choice label="Theme" options={THEMES} value={theme} onChange={(value) => dispatch(themeChosen(value))} />
    </View>
  );
}

/** The way out on this device. */
export function SignOutPart() {
  const dispatch = useAppDispatch();
  const unsent = useAppSelector(
    ({ drafts, queue }) => queue.entries.length > 0 || Object.values(drafts).some((draft) => draft.unsent),
  );
  const [signOut] = useSignOutMutation();
  const leaving = useLeaving();
  const leave = async () => {
    const { error } = await signOut();
    if (error) return void dispatch(noticeRaised({ text: failureOf(error).message, grave: true }));
    leaving();
  };
  return (
    <View className="gap-2 pt-2">
      {unsent ? (
        <Text className="text-heat">
          Something is not saved yet. Wait until it is, or it stays on this device only.
        </Text>
      ) : null}
      <Button label="Sign out" kind="danger" onPress={() => void leave()} className="self-start" />
    </View>
  );
}
