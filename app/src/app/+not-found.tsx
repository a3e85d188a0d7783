import { router } from 'expo-router';
import { View } from 'react-native';
import { Message } from '../ui/page-state';

export default function NotFound() {
  return (
    <View className="flex-1 bg-mist">
      <Message
        title="Nothing here"
        text="This address leads nowhere. It may have been mistyped."
        action={{ label: 'Go to drinks', onPress: () => router.replace('/drinks') }}
      />
    </View>
  );
}
