import { useState } from 'react';
import { View } from 'react-native';
import { useListDeedsQuery } from '../../../domain/kitchen/member-endpoints';
import { refusalOf } from '../../../state/api';
import { Button } from '../../../ui/button';
import { Loading } from '../../../ui/page-state';
import { Refusal } from '../../../ui/refusal';
import { Sheet } from '../../../ui/sheet';
import { Text } from '../../../ui/text';
import { deedView } from './members-view';

/** What was done to members, accounts and the kitchen as a whole, page by page. */
export function DeedsSheet({ onClose }: { readonly onClose: () => void }) {
  const [pages, setPages] = useState<readonly (string | null)[]>([null]);
  const { data, error } = useListDeedsQuery(pages.at(-1) ?? null);
  const now = new Date();
  return (
    <Sheet title="What was done here" open onClose={onClose}>
      <Text className="text-mute">Who came and went, who owns the kitchen, passwords, and kitchens from files.</Text>
      <Refusal message={refusalOf(error)} />
      {!data && !error ? <Loading what="the lines" /> : null}
      {data?.lines.length === 0 ? <Text>Nothing yet.</Text> : null}
      <View role="list" aria-label="What was done">
        {data?.lines.map((line) => {
          const { id, words, when } = deedView(line, now);
          return (
            <View
              key={id}
              role="listitem"
              className="flex-row flex-wrap justify-between gap-x-3 border-b border-line py-3"
            >
              <Text className="shrink">{words}</Text>
              <Text variant="small">{when}</Text>
            </View>
          );
        })}
      </View>
      <View className="flex-row flex-wrap gap-3">
        {pages.length > 1 ? <Button label="Newer" kind="plain" onPress={() => setPages(pages.slice(0, -1))} /> : null}
        {data?.next ? <Button label="Older" kind="plain" onPress={() => setPages([...pages, data.next])} /> : null}
      </View>
    </Sheet>
  );
}
