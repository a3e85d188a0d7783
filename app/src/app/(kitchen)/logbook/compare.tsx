import { useLocalSearchParams } from 'expo-router';
import { LazyCompareBrewsScreen } from '../../../features/shell/screens';

export default function CompareBrewsRoute() {
  const { brew, with: other } = useLocalSearchParams<{ brew: string; with?: string }>();
  return <LazyCompareBrewsScreen key={brew} first={brew} second={other || undefined} />;
}
