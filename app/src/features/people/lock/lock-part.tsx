import { useState } from 'react';
import { View } from 'react-native';
import { useSession } from '../../../domain/accounts/use-session';
import {
  useGetPeopleLockQuery,
  useShutPeopleMutation,
  useUnlockPeopleMutation,
} from '../../../domain/people/people-endpoints';
import { useAppDispatch } from '../../../domain/store';
import { refusalOf } from '../../../state/api';
import { noticeRaised } from '../../../state/notices';
import { Refusal } from '../../../ui/refusal';
import { Text } from '../../../ui/text';
import { Row } from '../../kitchen/row';
import { PassphraseSheet } from './passphrase-sheet';

/** The passphrase of the people, where they are seen: set, changed and taken off by an owner, shut by anybody. */
export function LockPart() {
  const dispatch = useAppDispatch();
  const session = useSession();
  const { data: lock } = useGetPeopleLockQuery(undefined, { refetchOnMountOrArgChange: true });
  const [shut, shutting] = useShutPeopleMutation();
  const [unlock, unlocking] = useUnlockPeopleMutation();
  const [setting, setSetting] = useState(false);
  const isOwner = session?.kitchen.role === 'owner' && !session.kitchen.demo;
  if (!lock?.open || (!lock.locked && !isOwner)) return null;
  const takeOff = async () => {
    const { error } = await unlock();
    if (!error) dispatch(noticeRaised({ text: 'The people are under no passphrase any more' }));
  };
  return (
    <View className="max-w-[640px] gap-2">
      <Text variant="heading">Kept to yourselves</Text>
      <View>
        {lock.locked ? (
          <>
            <Row
              title="This device"
              says="It has said the passphrase, until it signs out"
              action={{ label: 'Shut', hint: 'Shut the people on this device', onPress: () => void shut() }}
            />
            {isOwner ? (
              <>
                <Row
                  title="Passphrase"
                  says="Who has said the one of now goes on seeing the people"
                  action={{ label: 'Change', hint: 'Change the passphrase', onPress: () => setSetting(true) }}
                />
                <Row
                  title="Without one"
                  says="Every member sees the people then"
                  action={{ label: 'Take off', hint: 'Take the passphrase off', onPress: () => void takeOff() }}
                />
              </>
            ) : null}
          </>
        ) : (
          <Row
            title="Passphrase"
            says="With one, what is stored of the people can be read by nobody who does not know it"
            action={{ label: 'Set', hint: 'Set a passphrase', onPress: () => setSetting(true) }}
          />
        )}
      </View>
      <Refusal message={refusalOf(shutting.error ?? unlocking.error)} />
      {setting ? <PassphraseSheet again={lock.locked} onClose={() => setSetting(false)} /> : null}
    </View>
  );
}
