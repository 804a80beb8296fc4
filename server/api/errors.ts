import type { ErrorCode } from '@/contract/endpoint';
import type { FieldFault } from '@/contract/faults';

const STATUS: Record<ErrorCode, number> = {
  invalid: 422,
  not_found: 404,
  conflict: 409,
  too_large: 413,
  forbidden: 403,
  signed_out: 401,
  too_soon: 429,
  unavailable: 503,
  internal: 500,
};

/** A failure that the contract names, with a sentence for people. */
export class Refusal extends Error {
  readonly status: number;

  constructor(
    readonly code: ErrorCode,
    message: string,
    readonly field?: string,
    /** All fields at fault, where there is more than the one. */
    readonly fields?: readonly FieldFault[],
  ) {
    super(message);
    this.status = STATUS[code];
  }
}

/** A refusal of what was sent, with the field that it is about (400). */
export const invalid = (message: string, field?: string) => new Refusal('invalid', message, field);
/** A refusal because it is not there (404). */
export const notFound = (message: string) => new Refusal('not_found', message);
/** A refusal because of what is there by now (409). */
export const conflict = (message: string) => new Refusal('conflict', message);
