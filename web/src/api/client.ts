import createClient from 'openapi-fetch';
import type { paths } from './schema';

export const api = createClient<paths>({ baseUrl: '' });

/** A problem as the server tells it: which field, and a sentence that says what to do. */
export class Problem extends Error {
  constructor(
    readonly status: number,
    message: string,
    readonly field: string,
    /** The newest state, when somebody else saved first. */
    readonly current?: unknown,
    readonly more: Record<string, unknown> = {},
  ) {
    super(message);
  }
}

/** True when nobody could take the request: the server or its database is not there, or busy. */
export const isAway = (problem: Error) =>
  problem instanceof Problem && [0, 502, 503, 504].includes(problem.status);

interface Answer<T> {
  data?: T;
  error?: unknown;
  response: Response;
}

/** The data of an answer, or a Problem thrown. */
export async function need<T>(asked: Promise<Answer<T>>): Promise<T> {
  let answer: Answer<T>;
  try {
    answer = await asked;
  } catch {
    throw new Problem(0, 'The server can’t be reached. What you typed is still here; try again.', 'server');
  }
  if (answer.data !== undefined && answer.response.ok) return answer.data;
  if (answer.response.status === 204) return undefined as T;
  const body = (typeof answer.error === 'object' && answer.error !== null ? answer.error : {}) as Record<
    string,
    unknown
  >;
  const text = (key: string) => (typeof body[key] === 'string' ? body[key] : '');
  throw new Problem(
    answer.response.status,
    text('detail') || text('title') || 'That did not work. Try again.',
    text('field'),
    body.current,
    body,
  );
}
