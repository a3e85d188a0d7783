import { useLocalSearchParams } from 'expo-router';
import { LazyDrinkScreen } from '../../../features/shell/screens';

export default function DrinkRoute() {
  const { id, tool } = useLocalSearchParams<{ id: string; tool?: string }>();
  return <LazyDrinkScreen key={id} id={id} tool={tool === 'aim' ? tool : null} />;
}
