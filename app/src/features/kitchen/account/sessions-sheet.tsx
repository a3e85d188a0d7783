import { View } from 'react-native';
import { useListSessionsQuery } from '../../../domain/accounts/own-account-endpoints';
import { SESSIONS_LANE, sessionEnded, signedOutElsewhere } from '../../../domain/accounts/session-sending';
import { useAppDispatch } from '../../../domain/store';
import { useLane } from '../../../domain/waiting/use-lane';
import { momentWords } from '../../../domain/words/moment-words';
import { refusalOf } from '../../../state/api';
import { Button } from '../../../ui/button';
import { Loading } from '../../../ui/page-state';
import { Sheet } from '../../../ui/sheet';
import { Refusal } from '../../../ui/refusal';
import { Text } from '../../../ui/text';
import { deviceWords } from '../members/members-view';

const LATER = 'They are signed out as soon as that is sent';

/** Where one is signed in, and out again. */
export function SessionsSheet({ onClose }: { readonly onClose: () => void }) {
  const { data, error: unread } = useListSessionsQuery(undefined, { refetchOnMountOrArgChange: true });
  const dispatch = useAppDispatch();
  const { waits, refused } = useLane(SESSIONS_LANE);
  const allLater = waits.some(({ kind }) => kind === 'signed-out-elsewhere');
  const endsLater = (id: string) => allLater || waits.some(({ body }) => (body as { readonly id?: string }).id === id);
  const now = new Date();
  const others = data ? data.sessions.length - 1 : 0;
  return (
    <Sheet title="Where you are signed in" open onClose={onClose}>
      <Refusal message={refused ?? refusalOf(unread)} />
      {!data && !unread ? <Loading what="the devices" /> : null}
      <View role="list" aria-label="Where you are signed in">
        {data?.sessions.map(({ id, device, since, seenAt, here }) => (
          <View
            key={id}
            role="listitem"
            className="flex-row flex-wrap items-center justify-between gap-2 border-b border-line py-2"
          >
            <View className="shrink">
              <Text variant="strong">{here ? `${deviceWords(device)}, this one` : deviceWords(device)}</Text>
              <Text variant="small">
                {`since ${momentWords(new Date(since), now)} · last ${momentWords(new Date(seenAt), now)}`}
              </Text>
            </View>
            {here ? null : (
              <Button
                label="Sign out"
                kind="plain"
                why={endsLater(id) ? LATER : null}
                onPress={() => dispatch(sessionEnded(id, deviceWords(device)))}
              />
            )}
          </View>
        ))}
      </View>
      <Button
        label="Sign out everywhere else"
        kind="danger"
        why={others === 0 ? 'You are signed in nowhere else' : allLater ? LATER : null}
        onPress={() => dispatch(signedOutElsewhere())}
      />
    </Sheet>
  );
}
