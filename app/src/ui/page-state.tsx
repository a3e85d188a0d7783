import { ActivityIndicator, View } from 'react-native';
import { Button } from './button';
import { Text } from './text';

/** Something is on its way. */
export function Loading({ what }: { readonly what: string }) {
  return (
    <View role="main" className="flex-1 items-center justify-center">
      <View role="status" className="items-center gap-3 p-8">
        <ActivityIndicator color="#0B6B63" />
        <Text variant="small">Loading {what}</Text>
      </View>
    </View>
  );
}

interface MessageProps {
  readonly title: string;
  readonly text: string;
  /** True where it stands inside a page that has its own title. */
  readonly inside?: boolean;
  readonly action?: { readonly label: string; readonly onPress: () => void };
}

/** A page that has nothing to show: why, and what to do about it. */
export function Message({ title, text, inside = false, action }: MessageProps) {
  return (
    <View
      role={inside ? undefined : 'main'}
      className="flex-1 items-start justify-center gap-3 self-center p-8"
      style={{ maxWidth: 440 }}
    >
      <Text variant="heading" aria-level={inside ? 2 : 1}>
        {title}
      </Text>
      <Text className="text-mute">{text}</Text>
      {action ? <Button label={action.label} onPress={action.onPress} /> : null}
    </View>
  );
}
