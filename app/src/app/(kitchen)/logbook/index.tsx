import { LazyLogbookScreen } from '../../../features/shell/screens';

export default LazyLogbookScreen;
