import { useLocalSearchParams } from 'expo-router';
import { LazyGatherScreen } from '../../../features/shell/screens';

export default function GatherRoute() {
  const { drink } = useLocalSearchParams<{ drink: string }>();
  return <LazyGatherScreen key={drink} drink={drink} />;
}
