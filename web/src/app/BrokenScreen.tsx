import { Link, useRouteError } from 'react-router';
import { ProblemError } from '../shared/api';

/** An address that leads nowhere. */
export function NothingHere() {
  return <WayOut title="There is nothing here" words="The address may be old or mistyped, or the record is not in your notebook." />;
}

/** A screen that broke, or a record that was never there. The way out is always the same. */
export function BrokenScreen() {
  const error = useRouteError();
  if (error instanceof ProblemError)
    return (
      <WayOut title={error.problem.status === 404 ? 'There is nothing here' : 'This could not be shown'} words={error.problem.title} />
    );
  if (isMissing(error)) return <NothingHere />;
  return <WayOut title="This screen broke" words="What you saved is still in the notebook. Load the page again." />;
}

/** The router's own answer to an address it does not know. */
function isMissing(error: unknown): boolean {
  return typeof error === 'object' && error !== null && 'status' in error && error.status === 404;
}

function WayOut({ title, words }: { title: string; words: string }) {
  return (
    <section className="mx-auto max-w-3xl p-6">
      <h1>{title}</h1>
      <p className="mt-2 text-soft">{words}</p>
      <p className="mt-4 flex gap-3">
        <Link className="press" to="/">
          To the bench
        </Link>
        <button type="button" className="press" onClick={() => window.location.reload()}>
          Load again
        </button>
      </p>
    </section>
  );
}
