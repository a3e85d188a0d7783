import { LazyKitchenScreen } from '../../features/shell/screens';

export default LazyKitchenScreen;
