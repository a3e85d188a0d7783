import { LazyCheckScreen } from '../../features/shell/screens';

export default LazyCheckScreen;
