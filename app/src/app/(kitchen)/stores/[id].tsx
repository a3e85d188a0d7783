import { useLocalSearchParams } from 'expo-router';
import { LazyLotScreen } from '../../../features/shell/screens';

export default function LotRoute() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <LazyLotScreen key={id} id={id} />;
}
