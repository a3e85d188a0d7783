import { LazyPeopleScreen } from '../../../features/shell/screens';

export default LazyPeopleScreen;
