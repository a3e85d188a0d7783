import { useLocalSearchParams } from 'expo-router';
import { LazyLogbookBrewScreen } from '../../../features/shell/screens';

export default function LogbookBrewRoute() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <LazyLogbookBrewScreen key={id} id={id} />;
}
