import { LazyStoresScreen } from '../../../features/shell/screens';

export default LazyStoresScreen;
