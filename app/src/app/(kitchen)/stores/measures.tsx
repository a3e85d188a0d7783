import { LazyMeasuresScreen } from '../../../features/shell/screens';

export default LazyMeasuresScreen;
