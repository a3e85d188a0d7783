import userEvent from '@testing-library/user-event';

/** Somebody at the keys who does not pause between them. */
export const user = userEvent.setup({ delay: null });
