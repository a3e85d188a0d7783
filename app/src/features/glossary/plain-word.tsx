import { Link } from 'expo-router';
import { View } from 'react-native';
import type { GlossaryEntry } from '../../domain/words/glossary';
import { Text } from '../../ui/text';
import { KnownValues } from './known-values';

/** A word in plain ones beside the figure that needs it, with the way to all of them. */
export function PlainWord({ entry }: { readonly entry: GlossaryEntry }) {
  return (
    <View className="gap-1">
      <Text variant="subheading" aria-level={3}>
        {entry.term}
      </Text>
      <Text>{entry.plain}</Text>
      <KnownValues known={entry.known} />
      <Text variant="small" className="text-14">
        {entry.use}{' '}
        <Link href={`/words?word=${entry.id}`} className="text-teal underline">
          All words
        </Link>
      </Text>
    </View>
  );
}
