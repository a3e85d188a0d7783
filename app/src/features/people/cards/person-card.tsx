import { Link } from 'expo-router';
import type { ReactNode } from 'react';
import { Pressable, View } from 'react-native';
import { Text } from '../../../ui/text';
import type { CardView } from './card-view';
import { LineGauge } from './line-gauge';
import { ShelfNote } from './shelf-note';

/** A stripe for each, so that a long list is found one's way in; the name says who it is. */
const STRIPES = [
  'bg-[#BFE1E3]',
  'bg-[#C4421B]',
  'bg-[#7D2E56]',
  'bg-[#E3A21A]',
  'bg-[#8FB4EA]',
  'bg-[#8A9A1B]',
] as const;

interface PersonCardProps {
  readonly card: CardView;
  readonly index: number;
  /** What they take for days, between their lines and the shelf. */
  readonly children?: ReactNode;
}

/** Somebody today. */
export function PersonCard({ card: { id, name, beside, glasses, lines, shelf }, index, children }: PersonCardProps) {
  return (
    <View role="listitem" className="flex-row border-y border-line bg-sheet md:rounded-[12px] md:border">
      <View className={`w-[10px] md:rounded-l-[11px] ${STRIPES[index % STRIPES.length]}`} />
      <View className="flex-1 gap-2 px-4 pb-3 pt-1">
        <Link href={`/people/${id}`} asChild>
          <Pressable className="min-h-[44px] flex-row flex-wrap items-center justify-between gap-x-3 active:opacity-70">
            <Text variant="subheading">{name}</Text>
            <Text variant="small" className="text-15">
              {beside}
            </Text>
          </Pressable>
        </Link>
        <Text variant="small" className="-mt-3 text-14">
          {glasses}
        </Text>
        {lines.map((line) => (
          <LineGauge key={line.key} line={line} />
        ))}
        {children}
        <ShelfNote shelf={shelf} />
      </View>
    </View>
  );
}
