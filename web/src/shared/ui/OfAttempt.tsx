import { Link } from 'react-router';

/** Over the heading of a page of one attempt: its casting and its number, to go back to either. */
export function OfAttempt({ of }: { of: { casting_id: string; casting_name: string; attempt_id: string; number: number } }) {
  return (
    <p className="lettering">
      <Link to={`/castings/${of.casting_id}`}>{of.casting_name}</Link> · <Link to={`/attempts/${of.attempt_id}`}>No. {of.number}</Link>
    </p>
  );
}
