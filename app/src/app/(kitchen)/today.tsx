import { LazyTodayScreen } from '../../features/shell/screens';

export default LazyTodayScreen;
