import { WelcomeScreen } from '../features/accounts/welcome-screen';

export default WelcomeScreen;
