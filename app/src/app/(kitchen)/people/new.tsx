import { LazyNewPersonScreen } from '../../../features/shell/screens';

export default LazyNewPersonScreen;
