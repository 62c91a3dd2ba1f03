/** What to think of a number, by shape and word: a tick good, a triangle risky, a filled square on its corner bad. */
export function StandingMark({ standing }: { standing: string }) {
  if (standing === 'plain' || standing === 'unknown') return <span className="inline-block w-[14px] flex-none" aria-hidden="true" />;
  const words = standing === 'good' ? 'good' : standing === 'risky' ? 'risky' : 'bad';
  return (
    <svg
      width="14"
      height="14"
      viewBox="0 0 14 14"
      role="img"
      aria-label={words}
      className={`mt-[0.3em] inline-block flex-none align-[-1px] ${standing === 'good' ? 'text-ink' : 'text-molten'}`}
    >
      {standing === 'good' && <path d="M2 7.5l3.5 3.5L12 3" fill="none" stroke="currentColor" strokeWidth="2" />}
      {standing === 'risky' && (
        <path d="M7 1.8l5.6 10.4h-11.2z" fill="none" stroke="currentColor" strokeWidth="1.7" strokeLinejoin="round" />
      )}
      {standing === 'bad' && <path d="M7 0.5l6.5 6.5l-6.5 6.5l-6.5 -6.5z" fill="currentColor" />}
    </svg>
  );
}
