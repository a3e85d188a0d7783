import { useLocalSearchParams } from 'expo-router';
import { LazyWordsScreen } from '../../features/shell/screens';

export default function Words() {
  const { word } = useLocalSearchParams<{ word?: string }>();
  return <LazyWordsScreen word={word} />;
}
