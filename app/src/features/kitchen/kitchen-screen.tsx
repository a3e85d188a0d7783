import { router } from 'expo-router';
import { View } from 'react-native';
import { failureOf } from '../../state/api';
import { noticeRaised } from '../../state/notices';
import { themeChosen, type Theme } from '../../state/preferences';
import { useAppDispatch, useAppSelector } from '../../domain/store';
import { Button } from '../../ui/button';
import { Choice } from '../../ui/choice';
import { Page } from '../../ui/page';
import { Loading, Message } from '../../ui/page-state';
import { Text } from '../../ui/text';
import { useHasRoomBeside } from '../../ui/use-layout';
import { useSignOutMutation } from '../../domain/accounts/account-endpoints';
import { useEntering } from '../../domain/accounts/use-entering';
import { useLeaving } from '../../domain/accounts/use-leaving';
import { AccountPart } from './account/account-part';
import { ArchivePart } from './archive/archive-part';
import { Devices } from './devices';
import { Equipment } from './equipment';
import { Habits } from './habits';
import { MembersPart } from './members/members-part';
import { useGetKitchenQuery } from '../../domain/kitchen/kitchen-endpoints';

const THEMES: readonly { readonly value: Theme; readonly label: string }[] = [
  { value: 'system', label: 'As the device' },
  { value: 'light', label: 'Day' },
  { value: 'dark', label: 'Night' },
];

/** Who is in the kitchen, and how it looks. */
export function KitchenScreen() {
  const dispatch = useAppDispatch();
  const theme = useAppSelector((state) => state.preferences.theme);
  const unsent = useAppSelector((state) => Object.values(state.drafts).some((draft) => draft.unsent));
  const { data: kitchen, error, refetch } = useGetKitchenQuery();
  const [signOut] = useSignOutMutation();
  const leaving = useLeaving();
  const enter = useEntering();
  // What it is worked out for at the left, what came of it and who is in it at the right.
  const room = useHasRoomBeside();
  const column = room ? 'min-w-0 flex-1 gap-4' : 'gap-4';
  if (!kitchen && error)
    return (
      <Message
        title="The kitchen cannot be shown"
        text={failureOf(error).message}
        action={{ label: 'Try again', onPress: () => void refetch() }}
      />
    );
  if (!kitchen) return <Loading what="the kitchen" />;
  const leave = async () => {
    const { error: failed } = await signOut();
    if (failed) return void dispatch(noticeRaised({ text: failureOf(failed).message, grave: true }));
    leaving();
  };
  return (
    <Page title={kitchen.name} aside={kitchen.demo ? 'Demo kitchen' : ''} columns={room}>
      <View className={room ? 'flex-row items-start gap-10' : 'gap-4'}>
        <View className={column}>
          <Equipment />
        </View>
        <View className={column}>
          <Habits />
          <Devices />
          <MembersPart kitchen={kitchen} onLeft={enter} />
          {kitchen.demo ? null : <AccountPart alone={kitchen.members.length === 1} onDeleted={leaving} />}
          <ArchivePart kitchen={kitchen.name} />
          <View className="gap-2">
            <Text variant="heading">Day and night</Text>
            <Choice label="Theme" options={THEMES} value={theme} onChange={(value) => dispatch(themeChosen(value))} />
          </View>
          <Button
            label="What the words mean"
            kind="plain"
            className="self-start"
            onPress={() => router.push('/words')}
          />
          <View className="gap-2 pt-2">
            {unsent ? (
              <Text className="text-heat">
                Something is not saved yet. Wait until it is, or it stays on this device only.
              </Text>
            ) : null}
            <Button label="Sign out" kind="danger" onPress={() => void leave()} className="self-start" />
          </View>
        </View>
      </View>
    </Page>
  );
}
