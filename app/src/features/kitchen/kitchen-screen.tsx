import { router } from 'expo-router';
import { View } from 'react-native';
import { areAnswered, useOnce } from '../../state/answered';
import { failureOf } from '../../state/api';
import { Button } from '../../ui/button';
import { Page } from '../../ui/page';
import { Loading, Message } from '../../ui/page-state';
import { useHasRoomBeside } from '../../ui/use-layout';
import { useEntering } from '../../domain/accounts/use-entering';
import { useLeaving } from '../../domain/accounts/use-leaving';
import { AccountPart } from './account/account-part';
import { SignOutPart, ThemePart } from './account/leaving-part';
import { ArchivePart } from './archive/archive-part';
import { Devices } from './devices';
import { Equipment } from './equipment';
import { Habits } from './habits';
import { MembersPart } from './members/members-part';
import { useListDevicesQuery } from '../../domain/brews/device-endpoints';
import { useGetHabitsQuery, useGetKitchenQuery, useGetSettingsQuery } from '../../domain/kitchen/kitchen-endpoints';

/** Who is in the kitchen, and how it looks. */
export function KitchenScreen() {
  const { data: kitchen, error, refetch } = useGetKitchenQuery();
  const partsKnown = useOnce(areAnswered(useGetSettingsQuery(), useGetHabitsQuery(), useListDevicesQuery()));
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
  if (!kitchen || !partsKnown) return <Loading what="the kitchen" />;
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
          <ThemePart />
          <View className="flex-row flex-wrap gap-3">
            <Button label="What the words mean" kind="plain" onPress={() => router.push('/words')} />
            <Button label="Practise guessing" kind="plain" onPress={() => router.push('/practice')} />
          </View>
          <SignOutPart />
        </View>
      </View>
    </Page>
  );
}
