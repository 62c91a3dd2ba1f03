import type { ReactNode } from 'react';
import { ProblemError } from '../api';

/** Holds the place of what is coming, so that nothing jumps. */
export function Loading({ lines = 6 }: { lines?: number }) {
  return (
    <div role="status" className="py-4">
      <span className="sr-only">Loading</span>
      {Array.from({ length: lines }, (_, i) => (
        <div key={i} className="hairline h-14 flex items-center" aria-hidden="true">
          <span className="h-3 bg-hair/60" style={{ width: `${70 - ((i * 17) % 40)}%` }} />
        </div>
      ))}
    </div>
  );
}

export function Empty({ title, children }: { title: string; children?: ReactNode }) {
  return (
    <div className="rule py-8">
      <p className="figure text-xl">{title}</p>
      <div className="mt-2 max-w-prose text-soft">{children}</div>
    </div>
  );
}

/** A failure in the server's own words, and what to do about it. */
export function Failed({ error, retry }: { error: unknown; retry?: (() => void) | undefined }) {
  const words = error instanceof ProblemError ? error.problem.title : 'Something broke in this screen.';
  return (
    <div role="alert" className="caution my-4">
      <div>
        <p className="font-semibold">{words}</p>
        {retry && (
          <button type="button" className="press press-quiet" onClick={retry}>
            Try again
          </button>
        )}
      </div>
    </div>
  );
}

/** A revision triangle: what the change sheet altered. */
export function RevisionMark({ title = 'Changed by the change sheet' }: { title?: string }) {
  return (
    <svg width="18" height="16" viewBox="0 0 18 16" role="img" aria-label={title} className="inline-block align-[-2px] text-molten">
      <path d="M9 1.5l7.5 13h-15z" fill="none" stroke="currentColor" strokeWidth="1.8" strokeLinejoin="round" />
    </svg>
  );
}
