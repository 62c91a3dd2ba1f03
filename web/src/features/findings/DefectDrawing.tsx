import { useId } from 'react';
import { drawings, type Drawing } from './drawings';

/** One drawing of the atlas. */
export function DefectDrawing({ kind, width = 108 }: { kind: string; width?: number }) {
  const id = useId().replaceAll(':', '');
  const drawing = (drawings as Record<string, Drawing>)[kind] ?? { outline: 'M8 14H64V42H8Z' };
  return (
    <svg viewBox="0 0 72 52" width={width} height={(width * 52) / 72} aria-hidden="true" className="max-w-full">
      <defs>
        <pattern id={id} width="4.4" height="4.4" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <rect width="1" height="4.4" fill="var(--line)" />
        </pattern>
      </defs>
      <path d={drawing.outline} fill={`url(#${id})`} stroke="var(--ink)" strokeWidth="1.5" strokeLinejoin="round" />
      {drawing.holes && <path d={drawing.holes} fill="var(--sheet)" stroke="var(--molten)" strokeWidth="1.5" strokeLinejoin="round" />}
      {drawing.strokes && (
        <path d={drawing.strokes} fill="none" stroke="var(--molten)" strokeWidth="1.8" strokeLinecap="round" strokeLinejoin="round" />
      )}
      {drawing.marks && <path d={drawing.marks} fill="var(--molten)" stroke="var(--molten)" strokeWidth="0.8" />}
    </svg>
  );
}
