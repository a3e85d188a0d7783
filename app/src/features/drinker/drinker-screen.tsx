import type { BottleRecord } from '@wellhydra/contract';
import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { useGetSessionQuery } from '../../domain/accounts/account-endpoints';
import { useSession } from '../../domain/accounts/use-session';
import { useEntering } from '../../domain/accounts/use-entering';
import { useLeaving } from '../../domain/accounts/use-leaving';
import { useListBottlesQuery } from '../../domain/bottles/bottle-endpoints';
import { hadOn } from '../../domain/people/drunk';
import { usePeople, useWeekHad } from '../../domain/people/use-people';
import { failureOf } from '../../state/api';
import { Button } from '../../ui/button';
import { Page } from '../../ui/page';
import { Loading, Message } from '../../ui/page-state';
import { StatusLines } from '../../ui/status-lines';
import { Text } from '../../ui/text';
import { useHasRoomBeside } from '../../ui/use-layout';
import { useNow } from '../../ui/use-now';
import { usePour } from '../bottles/pour/use-pour';
import { AccountPart } from '../kitchen/account/account-part';
import { SignOutPart, ThemePart } from '../kitchen/account/leaving-part';
import { OpenPeople } from '../people/lock/open-people';
import { LeaveSheet } from '../kitchen/members/leave-sheet';
import { BottlesForMe } from './bottles-for-me';
import { bottlesForMe } from './drinker-view';
import { MyDay } from './my-day';

const POLL_ms = 15_000;
const NO_BOTTLES: readonly BottleRecord[] = [];

interface DrinkerScreenProps {
  /** The bottle whose label was scanned; null where they came by another way. */
  readonly scanned: string | null;
}

/** Everything there is for somebody who drinks what others make: what they had, what there is, and their account. */
export function DrinkerScreen({ scanned }: DrinkerScreenProps) {
  const now = useNow();
  // Who they are here may be said while they look.
  useGetSessionQuery(undefined, { pollingInterval: POLL_ms });
  const session = useSession();
  const { data, error, refetch } = useListBottlesQuery(undefined, { pollingInterval: POLL_ms });
  const { rows, known, kept } = usePeople();
  const { had, failure } = useWeekHad(now);
  const { pour, question } = usePour();
  const [leaving, setLeaving] = useState(false);
  const entering = useEntering();
  const gone = useLeaving();
  const room = useHasRoomBeside();
  const column = room ? 'min-w-0 flex-1' : '';
  const personId = session?.kitchen.personId;
  const who = rows.find(({ id }) => id === personId) ?? null;
  const bottles = data?.bottles ?? NO_BOTTLES;
  const found = scanned === null ? undefined : bottles.find(({ id }) => id === scanned);
  const foundId = found?.id;
  const pourForMe = (bottle: BottleRecord) => pour(bottle, personId ? { personId } : {});
  useEffect(() => {
    // Once, when it is found: whoever closes the question is not asked again.
    if (found) pourForMe(found);
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [foundId]);
  if (!data && error)
    return (
      <Message
        title="The bottles cannot be shown"
        text={failureOf(error).message}
        action={{ label: 'Try again', onPress: () => void refetch() }}
      />
    );
  if (!data) return <Loading what="the bottles" />;
  return (
    <Page title={session?.kitchen.name ?? ''} aside={who ? `You are ${who.person.name} here` : ''} columns={room}>
      {question}
      {scanned !== null && !found ? (
        <Text role="status">The bottle with that label is empty, or it stands in another kitchen.</Text>
      ) : null}
      <StatusLines lines={[kept, failure]} />
      <View className={room ? 'flex-row items-start gap-10' : 'gap-4'}>
        <View className={column}>
          {who ? (
            <MyDay row={who} had={hadOn(had ?? [], who.id, now)} week={had ?? []} bottles={bottles} now={now} />
          ) : known === 'locked' ? (
            <OpenPeople />
          ) : (
            <Text>
              Nobody has said yet which of the people of this kitchen you are, so nothing tells you what is not for you.
              Ask whoever owns the kitchen, and until then whoever made the drink.
            </Text>
          )}
        </View>
        <View className={column}>
          <BottlesForMe views={bottlesForMe(bottles, { who, had, now })} onPour={pourForMe} />
        </View>
      </View>
      <AccountPart alone={false} onDeleted={gone} />
      <Button label="Leave this kitchen" kind="plain" className="self-start" onPress={() => setLeaving(true)} />
      <ThemePart />
      <SignOutPart />
      {leaving ? <LeaveSheet onClose={() => setLeaving(false)} onLeft={entering} /> : null}
    </Page>
  );
}
