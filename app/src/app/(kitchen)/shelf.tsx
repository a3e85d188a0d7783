import { ShelfScreen } from '../../features/bottles/shelf-screen';

export default ShelfScreen;
