import { useLocalSearchParams } from 'expo-router';
import { DrinkScreen } from '../../../features/drink/drink-screen';

export default function DrinkRoute() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <DrinkScreen key={id} id={id} />;
}
