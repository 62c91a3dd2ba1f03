/**
 * Where an attempt stands, as a small flask: dashed planned, with metal in its cup poured, full good, half full usable, cracked apart
 * scrap.
 */
export function VerdictMark({ state, verdict, size = 28 }: { state: string; verdict: string | null; size?: number }) {
  const kind = verdict ?? state;
  return (
    <svg width={size} height={size} viewBox="0 0 28 28" aria-hidden="true" className="flex-none text-ink">
      {kind === 'good' && <path d="M5 6h18v16h-18z" fill="currentColor" />}
      {kind === 'usable' && <path d="M5 14h18v8h-18z" fill="currentColor" />}
      {kind === 'poured' && <path d="M11 2h6l-2 6v6h-2v-6z" className="fill-molten" />}
      {kind === 'scrap' ? (
        <path
          d="M11.5 5.5h-7.5v16.5h9l-2.2 -4.5l2.6 -3.6l-2.8 -4zM16 6.8h7.6v16.4h-6l2 -5l-3.2 -3.4l2.4 -4z"
          fill="none"
          stroke="currentColor"
          strokeWidth="2"
          strokeLinejoin="round"
        />
      ) : (
        <>
          <path
            d="M5 6h18v16h-18z"
            fill="none"
            stroke="currentColor"
            strokeWidth="2"
            strokeDasharray={kind === 'planned' ? '3.4 3' : undefined}
          />
          {kind !== 'planned' && <path d="M2 14h3M23 14h3" stroke="currentColor" strokeWidth="2" />}
          {kind !== 'good' && kind !== 'planned' && <path d="M5 14h18" stroke="currentColor" strokeWidth="1.5" />}
        </>
      )}
    </svg>
  );
}

export function verdictWords(state: string, verdict: string | null): string {
  if (verdict === 'good') return 'Good';
  if (verdict === 'usable') return 'Usable';
  if (verdict === 'scrap') return 'Scrap';
  return state === 'planned' ? 'Planned' : 'Waits for inspection';
}
