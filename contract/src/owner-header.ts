/** Says for whom a request is: account and kitchen, as they were when it was made. */
export const OWNER_HEADER = 'x-wellhydra-owner';
