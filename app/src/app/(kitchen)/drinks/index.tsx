import { DrinksScreen } from '../../../features/drinks/drinks-screen';
import { LazyNewDrink } from '../../../features/shell/screens';

export default function DrinksRoute() {
  return <DrinksScreen NewDrink={LazyNewDrink} />;
}
