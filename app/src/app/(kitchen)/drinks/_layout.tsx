import { DrinksLayout } from '../../../features/shell/drinks-layout';

export default DrinksLayout;
