import { DrinksScreen } from '../../../features/drinks/drinks-screen';

export default DrinksScreen;
