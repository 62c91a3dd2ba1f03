import { MOVEMENTS, type Column, type Told } from '../../shared/api';

/** In the unit it was typed in: that is what stands on the thing itself. Choices by their code, days and numbers as they are kept. */
export function typed(column: string, { raw, shown }: Told): string {
  if (column === 'composition' || typeof raw !== 'object' || raw === null || !('value' in raw) || !('unit' in raw))
    return typeof raw === 'number' || typeof raw === 'string' ? String(raw) : shown;
  const { value, unit, upper } = raw as { value: number; unit: string; upper?: number };
  return `${value}${upper === undefined ? '' : `-${upper}`} ${unit === 'percent' ? '%' : unit}`;
}

/** "Si 7, Mg 0.35" → Si: 7 %, Mg: 0.35 %. What is not a pair goes to the server as it is, which says what is wrong. */
export function readComposition(text: string): Record<string, string> {
  const parts: Record<string, string> = {};
  for (const part of text.split(/[;,](?=\s*[A-Za-z])|[;\n]/)) {
    const match = /^\s*([A-Za-z]+)\s*[:=]?\s*(.*?)\s*%?\s*$/.exec(part);
    if (match?.[1]) parts[match[1]] = `${match[2] ?? ''} %`;
  }
  return parts;
}

export function columnOf(kind: string, key: string): Column {
  const column = MOVEMENTS[kind]?.find((one) => one.key === key);
  if (!column) throw new Error(`There is no column ${key} of ${kind}.`);
  return column;
}
