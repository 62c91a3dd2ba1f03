import type { components } from './schema.gen';

interface FieldProblem {
  pointer: string;
  code: string;
  message: string;
}

/** What went wrong, in the server's words; problems point at the fields that caused it. */
export interface Problem {
  status: number;
  code: string;
  title: string;
  problems: FieldProblem[];
  /** With status 409: the fields that somebody else changed since. */
  clashes?: components['schemas']['Clash'][];
}

export class ProblemError extends Error {
  constructor(readonly problem: Problem) {
    super(problem.title);
  }
}

/** A problem from an answer that may not even be ours (a proxy's error page, say). */
export function readProblem(body: unknown, status: number): Problem {
  const given = typeof body === 'object' && body !== null ? (body as Partial<Problem>) : {};
  return {
    status,
    code: typeof given.code === 'string' ? given.code : `http.${status}`,
    title: typeof given.title === 'string' ? given.title : 'The server gave no usable answer. What you wrote is kept on this screen.',
    problems: Array.isArray(given.problems) ? given.problems : [],
    ...(Array.isArray(given.clashes) ? { clashes: given.clashes } : {}),
  };
}

/** pointer → message, for forms. */
export function fieldMessages(error: unknown): Record<string, string> {
  const messages: Record<string, string> = {};
  if (error instanceof ProblemError) {
    for (const problem of error.problem.problems) messages[problem.pointer] ??= problem.message;
  }
  return messages;
}
