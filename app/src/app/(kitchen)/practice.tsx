import { LazyPracticeScreen } from '../../features/shell/screens';

export default LazyPracticeScreen;
