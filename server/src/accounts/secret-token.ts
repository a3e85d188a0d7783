import { createHash, randomBytes } from 'node:crypto';

const TOKEN_BYTES = 32;

/** What lets somebody in, or do something once, by having it. */
export const newToken = (): string => randomBytes(TOKEN_BYTES).toString('base64url');

/** What is stored of a token: a leaked table opens nothing. */
export const hashOfToken = (token: string): string => createHash('sha256').update(token).digest('base64url');
