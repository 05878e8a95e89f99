/** What goes wrong, as the client hears it: `{error: {code, message, field?}}`, never a stack. */
import type { ErrorRequestHandler } from 'express';
import { ChangeError } from '@heronstone/core/model/change.ts';
import { BackupError } from './backup.ts';
import { NoPlanError, StaleError } from './store.ts';

/** An error with the status and the words that the client gets. */
export class HttpError extends Error {
  readonly status: number;
  readonly code: string;
  readonly field: string | undefined;
  constructor(status: number, code: string, message: string, field?: string) {
    super(message);
    this.status = status;
    this.code = code;
    this.field = field;
  }
}

interface Answer {
  status: number;
  error: { code: string; message: string; field?: string | undefined; findings?: unknown };
  more?: Record<string, unknown>;
}

/** Whether the disk, or what was allotted of it, is full. 53100 is PostgreSQL's disk_full. */
function isFull(cause: unknown): boolean {
  const { code, message = '' } = (cause ?? {}) as { code?: unknown; message?: string };
  return code === '53100' || code === 'ENOSPC' || code === 'EDQUOT' || /no space left on device/i.test(message);
}

/** What bodies that cannot be read are, by the names that the parser gives them. */
function ofBody(cause: { type?: string; limit?: number; status?: number }, path: string): Answer | null {
  switch (cause.type) {
    case 'entity.too.large': {
      const most = `${Math.round((cause.limit ?? 0) / 2 ** 20)} MB`;
      return /\/pictures\//i.test(path)
        ? {
            status: 413,
            error: {
              code: 'too-large',
              message: `A photograph has at most ${most}. Take a smaller one.`,
              field: 'photo',
            },
          }
        : { status: 413, error: { code: 'too-large', message: `That is more than ${most} at once. Split it.` } };
    }
    case 'entity.parse.failed':
      return { status: 400, error: { code: 'json', message: 'The request is not JSON.' } };
    case undefined:
      return null;
    default:
      return { status: 400, error: { code: 'body', message: 'The body of the request cannot be read.' } };
  }
}

function answerTo(cause: unknown, path: string): Answer | null {
  if (cause instanceof ChangeError)
    return {
      status: 422,
      error: {
        code: 'invalid',
        message: cause.message.slice(0, 2000),
        field: cause.findings[0]?.path,
        findings: cause.findings.slice(0, 50).map(({ value, ...rest }) => ({
          ...rest,
          // What was sent comes back only where it is short.
          ...(typeof value === 'object' && value !== null
            ? {}
            : { value: typeof value === 'string' ? value.slice(0, 200) : value }),
        })),
      },
    };
  if (cause instanceof StaleError)
    return {
      status: 409,
      error: { code: cause.code, message: cause.message },
      more: { missed: cause.missed, have: cause.have, epoch: cause.epoch, revision: cause.revision },
    };
  if (cause instanceof BackupError)
    return { status: 422, error: { code: 'backup', message: `${cause.message} Nothing was changed.`, field: 'file' } };
  if (cause instanceof HttpError)
    return { status: cause.status, error: { code: cause.code, message: cause.message, field: cause.field } };
  if (cause instanceof NoPlanError) return { status: 404, error: { code: 'no-plan', message: cause.message } };
  // A % that is followed by no number.
  if (cause instanceof URIError)
    return { status: 400, error: { code: 'address', message: 'This address is not written as addresses are.' } };
  if (isFull(cause))
    return {
      status: 507,
      error: {
        code: 'full',
        message: 'The disk with the data is full. Free some space on it; what was sent is not lost and is tried again.',
      },
    };
  // What the parser of a body, or of an address, says is wrong with it.
  const { status } = (cause ?? {}) as { status?: unknown };
  return (
    ofBody(cause ?? {}, path) ??
    (typeof status === 'number' && status >= 400 && status < 500
      ? { status, error: { code: 'request', message: 'This request cannot be read.' } }
      : null)
  );
}

/** @param report hears what is not the client's fault */
export function errors(report: (cause: unknown) => void): ErrorRequestHandler {
  // Express knows an error handler by its four parameters.
  return (cause: unknown, request, response, _next) => {
    if (response.headersSent) return void response.destroy();
    const known = answerTo(cause, request.path);
    if (!known || known.status === 507) report(cause);
    const { status, error, more } = known ?? {
      status: 500,
      error: { code: 'server', message: 'The server could not do this. Nothing was changed.' },
    };
    response.status(status).json({ error, ...more });
  };
}
