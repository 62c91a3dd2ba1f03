import type { Handbook } from '../../shared/api';

/** What was looked at and found sound, a tap each. */
export function SoundPegs({
  rows,
  seen,
  busy,
  onTap,
}: {
  rows: Handbook['observations'];
  /** Codes that are noted already. */
  seen: readonly string[];
  busy: boolean;
  onTap: (row: Handbook['observations'][number], was: boolean) => void;
}) {
  return rows.map((row) => {
    const is = seen.includes(row.code);
    return (
      <button
        key={row.code}
        type="button"
        className="peg text-left"
        data-many="true"
        aria-pressed={is}
        disabled={busy}
        onClick={() => onTap(row, is)}
      >
        {row.label}
      </button>
    );
  });
}
