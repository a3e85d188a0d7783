import { KitchenDoor } from '../../features/shell/kitchen-door';

export default KitchenDoor;
