import { ERROR_CODES, type ErrorBody, type ErrorCode } from '@wellhydra/contract';

const STATUS: Readonly<Record<ErrorCode, number>> = {
  'invalid-request': 400,
  'not-signed-in': 401,
  'wrong-credentials': 401,
  'cross-site': 403,
  'owners-only': 403,
  'makers-only': 403,
  'not-in-demo': 403,
  'last-owner': 409,
  'wrong-passphrase': 403,
  'not-found': 404,
  'demo-off': 404,
  'unknown-invitation': 404,
  'reset-over': 404,
  'email-taken': 409,
  'edited-elsewhere': 409,
  'already-there': 409,
  'other-session': 409,
  'bottle-has-less': 409,
  'bottled-already': 409,
  'brew-in-use': 409,
  'device-unplugged': 409,
  'too-large': 413,
  'archive-refused': 422,
  'cannot-be-made': 422,
  'people-locked': 423,
  'quota-reached': 422,
  'takes-too-long': 422,
  'too-many-requests': 429,
  unexpected: 500,
  'database-unavailable': 503,
};

/** A request that cannot be served, with a stable code. */
export class Problem extends Error {
  readonly status: number;

  constructor(
    readonly code: ErrorCode,
    readonly details?: unknown,
    message: string = ERROR_CODES[code],
  ) {
    super(message);
    this.status = STATUS[code];
  }

  get body(): ErrorBody {
    return { code: this.code, message: this.message, ...(this.details === undefined ? {} : { details: this.details }) };
  }
}
