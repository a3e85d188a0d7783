import { useLocalSearchParams } from 'expo-router';
import { BottleScreen } from '../../../features/bottles/bottle-screen';

export default function BottleRoute() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <BottleScreen key={id} id={id} />;
}
