import { createListenerMiddleware } from '@reduxjs/toolkit';

/**
 * Hears every answer of the server. Whoever shows what waits here over an answer that does not know of it yet listens
 * to it: see the `*-arrivals` of the domains, which come with the screens that need them.
 */
export const answers = createListenerMiddleware();
