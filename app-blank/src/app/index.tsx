import { Text, View } from 'react-native';
export default function Index() {
  return (
    <View className="flex-1 items-center justify-center bg-white">
      <Text className="text-lg">Blank</Text>
    </View>
  );
}
