/** Every code an answer with an error can carry, and what it means. Stable: clients branch on them. */
export const ERROR_CODES = {
  'invalid-request': 'Something in the request is not as it should be; details say where',
  'not-signed-in': 'Sign in first',
  'wrong-credentials': 'E-mail and password do not belong together',
  'email-taken': 'There is an account with this e-mail already',
  'reset-over': 'This link was used already or is too old; ask for another one',
  'unknown-invitation': 'No kitchen has this invitation code',
  'demo-off': 'This server was started without the demo kitchen',
  'owners-only': 'Only an owner of the kitchen may do this',
  'makers-only': 'This is for those who make drinks in this kitchen; an owner can make you one of them',
  'last-owner': 'A kitchen with members needs an owner; make somebody else one first',
  'not-in-demo': 'The demo has no account of your own; make one first',
  'not-found': 'There is no such thing in this kitchen',
  'edited-elsewhere': 'Somebody else saved this since it was read; details say which revision it is now',
  'already-there': 'Something with this id is there already',
  'other-session': 'Somebody else is signed in here than when this was done; it waits for its owner',
  'quota-reached': 'This kitchen holds as much as it may; remove something first',
  'people-locked': 'The people are under a passphrase: say it first',
  'wrong-passphrase': 'This is not the passphrase of the people',
  'takes-too-long': 'This drink takes too long to work out; use fewer steps or preparations',
  'bottle-has-less': 'The bottle holds less than was to be poured',
  'bottled-already':
    'Somebody has bottled this brew on another device; their bottles stand on the shelf, yours were not added',
  'brew-in-use': 'Something of this brew was poured, split or thrown away; take that back first',
  'device-unplugged': 'The device is unplugged; plug it in on the kitchen page',
  'archive-refused': 'The file is no whole archive of a kitchen; details say at which line, and nothing was changed',
  'cannot-be-made': 'The drink has steps that are not understood, or comes to nothing',
  'cross-site': 'Writing is only possible from the application itself',
  'too-many-requests': 'Too many requests; try again after the time given',
  'too-large': 'The request is larger than the server takes',
  'database-unavailable': 'The database does not answer; nothing was changed, try again',
  unexpected: 'The server failed; it has been logged',
} as const;

export type ErrorCode = keyof typeof ERROR_CODES;

/** No answer with an error is larger, bytes. */
export const ERROR_BODY_BYTES = 4096;

/** The body of every answer with an error. */
export interface ErrorBody {
  readonly code: ErrorCode;
  readonly message: string;
  readonly details?: unknown;
}
