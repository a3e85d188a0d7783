import type { Analysis } from '@wellhydra/core/analyse';
import { View } from 'react-native';
import { Button } from '../../../ui/button';
import { Sheet } from '../../../ui/sheet';
import { Text } from '../../../ui/text';
import { momentsView } from './moment-view';

/** The stream for those who would rather read it: the pot after every step. */
export function MomentsSheet({ analysis, onClose }: { readonly analysis: Analysis; readonly onClose: () => void }) {
  const moments = momentsView(analysis);
  return (
    <Sheet title="The pot, step by step" open onClose={onClose}>
      {moments.length === 0 ? <Text>Nothing has gone in yet.</Text> : null}
      <View role="list" aria-label="The pot after each step">
        {moments.map(({ step, title, facts, parts, leaves }) => (
          <View role="listitem" key={step} className="gap-1 border-b border-line py-3">
            <Text variant="strong">{title}</Text>
            <Text>{facts}</Text>
            <Text variant="small">{parts.map(({ name, grams }) => `${grams} ${name}`).join(', ')}</Text>
            {leaves ? <Text variant="small">{leaves}</Text> : null}
          </View>
        ))}
      </View>
      <Button label="Done" size="large" onPress={onClose} />
    </Sheet>
  );
}
