import { useLocalSearchParams } from 'expo-router';
import { LazyDrinkScreen } from '../../../features/shell/screens';

export default function DrinkRoute() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <LazyDrinkScreen key={id} id={id} />;
}
