import createClient, { type Middleware } from 'openapi-fetch';
import { ProblemError, readProblem } from './problem';
import type { paths } from './schema.gen';

let csrf = '';

/** The token of this session; every write carries it. */
export function rememberToken(token: string): void {
  csrf = token;
}

/** For what does not go through the client: a file whose progress is shown while it goes up. */
export function csrfToken(): string {
  return csrf;
}

const token: Middleware = {
  onRequest({ request }) {
    if (request.method !== 'GET') request.headers.set('X-CSRF-Token', csrf);
    return request;
  },
};

export const api = createClient<paths>({ baseUrl: '/', credentials: 'same-origin' });
api.use(token);

interface Answer<T> {
  data?: T;
  error?: unknown;
  response: Response;
}

/** The data of a request, or a ProblemError with the server's own words. A server that cannot be reached is a problem too. */
export async function answered<T>(request: Promise<Answer<T>>): Promise<T> {
  let answer: Answer<T>;
  try {
    answer = await request;
  } catch {
    throw new ProblemError({ status: 0, code: 'network.away', title: 'No connection.', problems: [] });
  }
  if (answer.response.ok && answer.data !== undefined) return answer.data;
  throw new ProblemError(readProblem(answer.error, answer.response.status));
}

/** A file goes up as it is; T is what the door answers. */
export async function sendFile<T>(to: string, type: string, file: File): Promise<T> {
  const response = await fetch(to, {
    method: 'POST',
    credentials: 'same-origin',
    headers: { 'X-CSRF-Token': csrf, 'Content-Type': type },
    body: file,
  });
  const body: unknown = await response.json().catch(() => null);
  if (!response.ok) throw new ProblemError(readProblem(body, response.status));
  return body as T;
}
