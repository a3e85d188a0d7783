import { View } from 'react-native';
import { Text } from './text';

/** What must be read before anything else: said in full, in red. */
export function StopNote({ title, text }: { readonly title: string; readonly text: string }) {
  return (
    <View className="gap-1 rounded-[12px] bg-[#FFE3D8] p-3">
      <Text variant="strong" className="font-heading text-18 leading-23 text-[#7A1F05]">
        {title}
      </Text>
      <Text className="text-15 leading-21 text-[#3B0D00]">{text}</Text>
    </View>
  );
}
