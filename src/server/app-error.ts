/** Everything an endpoint may refuse, with the status it answers. */
export const APP_ERRORS = {
  "not-found": 404,
  "bad-input": 400,
  "version-conflict": 409,
  "body-too-large": 413,
  "wrong-media-type": 415,
  "wrong-token": 401,
  "not-signed-in": 401,
  "wrong-password": 403,
  "only-read": 403,
  "too-many-tries": 429,
  "foreign-origin": 403,
  "foreign-host": 421,
  "method-not-allowed": 405,
  "stored-unreadable": 500,
  "database-unreachable": 503,
} as const;

export type AppErrorCode = keyof typeof APP_ERRORS;

type Details = {
  readonly problems?: readonly { readonly path: string; readonly reason: string }[];
  readonly currentVersion?: number;
};

/** A refusal meant for whoever asked; the message says what to do. */
export class AppError extends Error {
  readonly code: AppErrorCode;
  readonly details: Details;

  constructor(code: AppErrorCode, message: string, details: Details = {}) {
    super(message);
    this.name = "AppError";
    this.code = code;
    this.details = details;
  }
}
