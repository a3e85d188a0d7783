import { LazyPlanScreen } from '../../features/shell/screens';

export default LazyPlanScreen;
