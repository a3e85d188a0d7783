import { Link } from 'expo-router';
import { memo, useState } from 'react';
import { Pressable, View } from 'react-native';
import { Button } from '../../../ui/button';
import { Text } from '../../../ui/text';
import { BottleDrawing } from '../bottle-drawing';
import { DueBadge } from '../due-badge';
import type { ShelfGroup, StandingView } from './shelf-groups';

/** So many stand in sight of a place; the others are a touch away. */
const IN_SIGHT = 24;

/** A place with its bottles, those to be used first at the left. */
export function PlaceShelf({ group: { title, bottles } }: { readonly group: ShelfGroup }) {
  const [all, setAll] = useState(false);
  const shown = all ? bottles : bottles.slice(0, IN_SIGHT);
  return (
    <View className="gap-1">
      <Text variant="subheading" aria-level={2}>
        {title}
      </Text>
      <View role="list" aria-label={title} className="flex-row flex-wrap">
        {shown.map((bottle) => (
          <Standing key={bottle.id} bottle={bottle} />
        ))}
      </View>
      {bottles.length > shown.length ? (
        <Button
          label={`All ${bottles.length} in ${title.split(' · ')[0]!.toLowerCase()}`}
          kind="quiet"
          className="self-start"
          onPress={() => setAll(true)}
        />
      ) : null}
    </View>
  );
}

const sameBottle = (a: { bottle: StandingView }, b: { bottle: StandingView }): boolean =>
  JSON.stringify(a.bottle) === JSON.stringify(b.bottle);

const Standing = memo(function Standing({ bottle }: { readonly bottle: StandingView }) {
  const { id, name, batch, due, left, level, colour, height, shape, count } = bottle;
  return (
    <View role="listitem" className="min-w-[5.75rem] max-w-[9.375rem] flex-1 basis-[5.75rem]">
      <Link href={`/bottles/${id}`} asChild>
        <Pressable className="flex-1 items-center active:opacity-70">
          <View className="h-[124px] w-full items-center justify-end border-b-[5px] border-ink dark:border-mute">
            <View style={{ marginBottom: -4 }}>
              <BottleDrawing fill={level} colour={colour} size={height} shape={shape} />
            </View>
          </View>
          <View className="w-full items-center gap-1 px-1 pb-4 pt-2">
            <DueBadge due={due} centred />
            <Text variant="small" className="text-center text-13 leading-17" numberOfLines={3}>
              {name}
            </Text>
            <Text variant="small" className="text-center text-12 leading-15">
              {count || batch}
            </Text>
            <Text className="sr-only">{`, ${left}, ${due.spoken}`}</Text>
          </View>
        </Pressable>
      </Link>
    </View>
  );
}, sameBottle);
