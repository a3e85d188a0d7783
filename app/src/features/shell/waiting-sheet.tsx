import { View } from 'react-native';
import { useStore } from 'react-redux';
import { bottlesApi } from '../../domain/bottles/bottle-endpoints';
import { useAppDispatch, useAppSelector, type Store } from '../../domain/store';
import { takeBackWaiting, takenWith } from '../../domain/waiting/take-back';
import { unsentTexts, type UnsentText } from '../../domain/waiting/unsent';
import { entryWords } from '../../domain/waiting/waiting-words';
import { momentWords } from '../../domain/words/moment-words';
import { noticeRaised } from '../../state/notices';
import { asideRead, entriesPutBack } from '../../state/sync/queue';
import { keepAction } from '../../state/undo-actions';
import { Button } from '../../ui/button';
import { Sheet } from '../../ui/sheet';
import { Text } from '../../ui/text';
import { useNow } from '../../ui/use-now';

/** Everything that is on this device and not with the server yet; each of it can be taken back. */
export function WaitingSheet({ onClose }: { readonly onClose: () => void }) {
  const dispatch = useAppDispatch();
  const { sendWaiting } = useStore() as Store;
  const now = useNow();
  const entries = useAppSelector(({ queue }) => queue.entries);
  const aside = useAppSelector(({ queue }) => queue.aside);
  const drafts = useAppSelector((state) => state.drafts);
  const settingsDraft = useAppSelector((state) => state.settingsDraft);
  const plans = useAppSelector((state) => state.plans);
  const household = useAppSelector((state) => state.household);
  const shopping = useAppSelector((state) => state.shopping);
  const texts = unsentTexts({ drafts, settingsDraft, plans, household, shopping });
  const { data } = bottlesApi.endpoints.listBottles.useQueryState();
  const shelf = data?.bottles ?? [];
  const undo = ({ name, revert }: UnsentText) => {
    const back = revert(dispatch);
    dispatch(
      noticeRaised({ text: `${name}: as it is stored`, action: { label: 'As it was typed', run: keepAction(back) } }),
    );
  };
  const nothing = entries.length + texts.length + aside.length === 0;
  return (
    <Sheet title="Not sent yet" open onClose={onClose}>
      <Text className="text-mute">
        {nothing
          ? 'All that you typed and did is with the server.'
          : 'Kept on this device, and sent by itself as soon as the server answers, in this order.'}
      </Text>
      {texts.length + entries.length > 0 ? (
        <View role="list" aria-label="What waits">
          {texts.map((text) => (
            <Line
              key={text.id}
              title={text.name}
              says={text.isNew ? 'New' : 'What you changed of it'}
              action={text.isNew ? 'Delete' : 'Undo'}
              hint={`Undo what you typed of ${text.name}`}
              onPress={() => undo(text)}
            />
          ))}
          {entries.map((entry) => {
            const words = entryWords(entry, shelf);
            const more = takenWith(entries, entry.id).length - 1;
            return (
              <Line
                key={entry.id}
                title={entry.about || 'Something'}
                says={[words, momentWords(new Date(entry.made), now)].join(' · ')}
                aside={more > 0 ? `${more} later ${more === 1 ? 'thing goes' : 'things go'} with it` : ''}
                action="Undo"
                hint={`Undo ${entry.about}: ${words}`}
                onPress={() => dispatch(takeBackWaiting(entry.id, [entry.about, words].filter(Boolean).join(', ')))}
              />
            );
          })}
        </View>
      ) : null}
      {aside.length > 0 ? (
        <View className="gap-2">
          <Text variant="subheading">Refused</Text>
          <View role="list" aria-label="What was refused">
            {aside.map(({ id, entry, message }) => (
              <View key={id} role="listitem" className="gap-1 border-b border-line py-2">
                <Text variant="strong">{entry.about || 'Something'}</Text>
                <Text variant="small">{entryWords(entry, shelf)}</Text>
                <Text className="text-heat">{message}</Text>
                <View className="flex-row flex-wrap gap-2">
                  <Button
                    label="Try again"
                    hint={`Send ${entry.about} again`}
                    kind="plain"
                    onPress={() => {
                      dispatch(asideRead(id));
                      dispatch(entriesPutBack([entry]));
                    }}
                  />
                  <Button
                    label="Drop it"
                    hint={`Drop ${entry.about}`}
                    kind="quiet"
                    onPress={() => dispatch(asideRead(id))}
                  />
                </View>
              </View>
            ))}
          </View>
        </View>
      ) : null}
      {texts.length + entries.length > 0 ? (
        <Button label="Try now" kind="plain" className="self-start" onPress={sendWaiting} />
      ) : null}
    </Sheet>
  );
}

interface LineProps {
  readonly title: string;
  readonly says: string;
  readonly aside?: string;
  readonly action: string;
  readonly hint: string;
  readonly onPress: () => void;
}

const Line = ({ title, says, aside = '', action, hint, onPress }: LineProps) => (
  <View role="listitem" className="flex-row items-center justify-between gap-3 border-b border-line py-2">
    <View className="min-w-0 flex-1">
      <Text variant="strong">{title}</Text>
      <Text variant="small">{says}</Text>
      {aside ? <Text variant="small">{aside}</Text> : null}
    </View>
    <Button label={action} hint={hint} kind="quiet" onPress={onPress} />
  </View>
);
