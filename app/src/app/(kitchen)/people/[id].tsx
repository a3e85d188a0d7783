import { useLocalSearchParams } from 'expo-router';
import { LazyPersonScreen } from '../../../features/shell/screens';

export default function PersonRoute() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <LazyPersonScreen key={id} id={id} />;
}
