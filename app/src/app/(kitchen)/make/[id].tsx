import { useLocalSearchParams } from 'expo-router';
import { LazyMakeScreen } from '../../../features/shell/screens';

export default function MakeRoute() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <LazyMakeScreen key={id} id={id} />;
}
