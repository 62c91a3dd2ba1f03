/** Where an attempt stands, told by shape: dashed ring planned, ring with dot poured, full good, half usable, crossed scrap. */
export function VerdictMark({ state, verdict, size = 28 }: { state: string; verdict: string | null; size?: number }) {
  const kind = verdict ?? state;
  return (
    <svg width={size} height={size} viewBox="0 0 28 28" aria-hidden="true" className="flex-none text-ink">
      {kind === 'good' && <circle cx="14" cy="14" r="11" fill="currentColor" />}
      {kind === 'usable' && <path d="M14 3a11 11 0 0 1 0 22z" fill="currentColor" />}
      {kind === 'scrap' && <path d="M6.5 6.5l15 15M21.5 6.5l-15 15" stroke="currentColor" strokeWidth="2.5" />}
      {kind === 'poured' && <circle cx="14" cy="14" r="4.5" className="fill-molten" />}
      <circle cx="14" cy="14" r="11" fill="none" stroke="currentColor" strokeWidth="2" strokeDasharray={kind === 'planned' ? '3.5 3.4' : undefined} />
    </svg>
  );
}

export function verdictWords(state: string, verdict: string | null): string {
  if (verdict === 'good') return 'Good';
  if (verdict === 'usable') return 'Usable';
  if (verdict === 'scrap') return 'Scrap';
  return state === 'planned' ? 'Planned' : 'Waits for inspection';
}
