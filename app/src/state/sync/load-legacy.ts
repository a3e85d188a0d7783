/** What hardly any device has left is read by what hardly any device fetches. */
export const loadLegacy = () => import('./legacy');
