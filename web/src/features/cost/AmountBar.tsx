/** An amount as long as it is among the others, its spread as the line through its end. */
export function AmountBar({
  amount,
  most,
  how,
}: {
  amount: { middle: number; low: number; high: number };
  most: number;
  how: 'measured' | 'reckoned' | 'failed';
}) {
  const wide = (of: number) => `${Math.max(0, Math.min(100, (100 * of) / (most || 1)))}%`;
  return (
    <svg width="100%" height="24" aria-hidden="true" className="block">
      <defs>
        <pattern id="reckoned" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <line x1="0" y1="0" x2="0" y2="6" stroke="var(--ink)" strokeWidth="1.4" />
        </pattern>
      </defs>
      <rect
        x="0.75"
        y="5"
        width={wide(amount.middle)}
        height="14"
        fill={how === 'measured' ? 'var(--ink)' : how === 'failed' ? 'var(--molten)' : 'url(#reckoned)'}
        stroke="var(--ink)"
        strokeWidth="1.5"
      />
      {amount.high - amount.low > 0.004 * most && (
        <>
          <line x1={wide(amount.low)} x2={wide(amount.high)} y1="12" y2="12" stroke="var(--sheet)" strokeWidth="5" />
          <line x1={wide(amount.low)} x2={wide(amount.high)} y1="12" y2="12" stroke="var(--ink)" strokeWidth="2" />
          <line x1={wide(amount.low)} x2={wide(amount.low)} y1="7" y2="17" stroke="var(--ink)" strokeWidth="2" />
          <line x1={wide(amount.high)} x2={wide(amount.high)} y1="7" y2="17" stroke="var(--ink)" strokeWidth="2" />
        </>
      )}
    </svg>
  );
}
