import { Link, useRouteError } from 'react-router';
import { ProblemError } from '../shared/api';

/** A screen that broke, or was never there. The way out is always the same. */
export function BrokenScreen() {
  const error = useRouteError();
  const missing = error === undefined || (error instanceof ProblemError && error.problem.status === 404);
  return (
    <main className="mx-auto max-w-3xl p-6">
      <h1>{missing ? 'There is nothing here' : 'This screen broke'}</h1>
      <p className="mt-2 text-soft">
        {error instanceof ProblemError
          ? error.problem.title
          : missing
            ? 'The address may be old, or the record is not in your notebook.'
            : 'What you saved is still in the notebook. Load the page again.'}
      </p>
      <p className="mt-4 flex gap-3">
        <Link className="press" to="/">
          To the bench
        </Link>
        <button type="button" className="press" onClick={() => window.location.reload()}>
          Load again
        </button>
      </p>
    </main>
  );
}
