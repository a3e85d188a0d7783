import { router } from 'expo-router';
import { useMemo } from 'react';
import { View } from 'react-native';
import { useGetRunQuery } from '../../domain/brews/brew-endpoints';
import { Button } from '../../ui/button';
import { Text } from '../../ui/text';
import { useNow } from '../../ui/use-now';
import { readingViews } from './reading-views';

/** What was read off a brew, and the way to its steps; nothing of one whose steps were not noted. */
export function HowItWent({ brewId }: { readonly brewId: string }) {
  const { data: run } = useGetRunQuery(brewId);
  const now = useNow();
  const readings = useMemo(() => (run ? readingViews(run.recipe, run.events, now) : []), [run, now]);
  if (!run) return null;
  return (
    <View className="gap-1">
      <Text variant="heading">What was read off</Text>
      {readings.length === 0 ? <Text className="text-mute">Nothing was measured while it was made.</Text> : null}
      <View role="list" aria-label="What was read off">
        {readings.map(({ id, words, where }) => (
          <View
            key={id}
            role="listitem"
            className="flex-row flex-wrap justify-between gap-x-3 border-b border-line py-2"
          >
            <Text>{words}</Text>
            <Text variant="small" className="self-center">
              {where}
            </Text>
          </View>
        ))}
      </View>
      <Button
        label="How it went"
        hint="How it went, and what was read off"
        kind="plain"
        className="self-start"
        onPress={() => router.push(`/make/${brewId}`)}
      />
    </View>
  );
}
