import { LazyShelfScreen } from '../../features/shell/screens';

export default LazyShelfScreen;
