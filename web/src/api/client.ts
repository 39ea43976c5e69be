import type { FieldProblem, Problem } from '@fornax/contract';

/** An answer of the server that is not what was asked for, with its sentence. */
export class ApiError extends Error {
  constructor(
    readonly status: number,
    sentence: string,
    readonly fields: readonly FieldProblem[] = [],
    readonly current?: unknown,
  ) {
    super(sentence);
  }
}

/** The server could not be reached at all. */
class OfflineError extends Error {
  constructor() {
    super(
      'The server cannot be reached. What you typed is kept on this device and sent when it answers again.',
    );
  }
}

interface RequestOptions {
  method?: 'GET' | 'POST' | 'PATCH' | 'PUT' | 'DELETE';
  body?: unknown;
  revision?: number;
  signal?: AbortSignal;
}

/** Calls the API. Throws an {@link ApiError} with a plain sentence, or an {@link OfflineError}. */
export async function call<T>(path: string, options: RequestOptions = {}): Promise<T> {
  const response = await answerOf(path, options);
  return (response.status === 204 ? undefined : await response.json()) as T;
}

/** Rows of a list, and the path behind which those before them stand; null where there are none. */
export interface Page<T> {
  readonly rows: readonly T[];
  readonly earlier: string | null;
}

/** Calls for a list that comes in pages; the answer's Link header names the one before. */
export async function callPage<T>(path: string, signal?: AbortSignal): Promise<Page<T>> {
  const response = await answerOf(path, { signal });
  const [, earlier = null] = /<\/api([^>]+)>; rel="prev"/.exec(response.headers.get('link') ?? '') ?? [];
  return { rows: (await response.json()) as T[], earlier };
}

async function answerOf(
  path: string,
  { method = 'GET', body, revision, signal }: RequestOptions,
): Promise<Response> {
  const headers: Record<string, string> = {};
  if (body !== undefined) headers['Content-Type'] = 'application/json';
  if (revision !== undefined) headers['If-Match'] = `"r${revision}"`;
  const response = await fetch(`/api${path}`, {
    method,
    headers,
    body: body === undefined ? undefined : JSON.stringify(body),
    signal,
    credentials: 'same-origin',
  }).catch((error: unknown) => {
    if (error instanceof DOMException && error.name === 'AbortError') throw error;
    throw new OfflineError();
  });
  if (!response.ok) throw await problemOf(response);
  return response;
}

async function problemOf(response: Response): Promise<Error> {
  const isProblem = response.headers.get('content-type')?.includes('json') ?? false;
  if (!isProblem)
    return response.status >= 502
      ? new OfflineError()
      : new ApiError(response.status, 'The server gave an answer that could not be read. Try again.');
  const problem = (await response.json()) as Problem;
  return new ApiError(response.status, problem.detail, problem.errors ?? [], problem.current);
}
