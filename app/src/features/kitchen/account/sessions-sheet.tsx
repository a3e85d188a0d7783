import { View } from 'react-native';
import {
  useEndSessionMutation,
  useListSessionsQuery,
  useSignOutElsewhereMutation,
} from '../../../domain/accounts/own-account-endpoints';
import { momentWords } from '../../../domain/words/moment-words';
import { refusalOf } from '../../../state/api';
import { Button } from '../../../ui/button';
import { Loading } from '../../../ui/page-state';
import { Sheet } from '../../../ui/sheet';
import { Refusal } from '../../../ui/refusal';
import { Text } from '../../../ui/text';
import { deviceWords } from '../members/members-view';

/** Where one is signed in, and out again. */
export function SessionsSheet({ onClose }: { readonly onClose: () => void }) {
  const { data, error: unread } = useListSessionsQuery(undefined, { refetchOnMountOrArgChange: true });
  const [end, ending] = useEndSessionMutation();
  const [endAll, endingAll] = useSignOutElsewhereMutation();
  const error = unread ?? ending.error ?? endingAll.error;
  const now = new Date();
  const others = data ? data.sessions.length - 1 : 0;
  return (
    <Sheet title="Where you are signed in" open onClose={onClose}>
      <Refusal message={refusalOf(error)} />
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
              <Button label="Sign out" kind="plain" disabled={ending.isLoading} onPress={() => void end(id)} />
            )}
          </View>
        ))}
      </View>
      <Button
        label="Sign out everywhere else"
        kind="danger"
        why={others > 0 ? null : 'You are signed in nowhere else'}
        disabled={endingAll.isLoading}
        onPress={() => void endAll()}
      />
    </Sheet>
  );
}
