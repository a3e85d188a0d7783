import { useLocalSearchParams } from 'expo-router';
import { LazyBottleScreen } from '../../../features/shell/screens';

export default function BottleRoute() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <LazyBottleScreen key={id} id={id} />;
}
