import { KitchenScreen } from '../../features/kitchen/kitchen-screen';

export default KitchenScreen;
