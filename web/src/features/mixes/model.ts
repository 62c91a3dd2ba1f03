import type { Recipe } from '../../shared/api';

/** A clock that was started when the parts met: it goes on over a reload, and over the next look at another page. */
export interface Running {
  recipe: string;
  from: number;
  timers: { code: string; label: string; seconds: number }[];
}

const KEY = 'mix clock';
type Shelf = Pick<Storage, 'getItem' | 'setItem' | 'removeItem'>;

export function kept(storage: Shelf = localStorage): Running | null {
  try {
    const told = JSON.parse(storage.getItem(KEY) ?? 'null') as Running | null;
    return told && typeof told.from === 'number' && Array.isArray(told.timers) ? told : null;
  } catch {
    return null;
  }
}

export function keep(running: Running | null, storage: Shelf = localStorage): void {
  if (running) storage.setItem(KEY, JSON.stringify(running));
  else storage.removeItem(KEY);
}

/** "4:05" to go, or how long it is over. */
export function toGo(seconds: number): string {
  const left = Math.abs(Math.round(seconds));
  const hours = Math.floor(left / 3600);
  const minutes = Math.floor((left % 3600) / 60);
  const two = (n: number) => String(n).padStart(2, '0');
  const words = hours > 0 ? `${hours}:${two(minutes)}:${two(left % 60)}` : `${minutes}:${two(left % 60)}`;
  return seconds < 0 ? `over by ${words}` : words;
}

/** "Water 38, Investment powder 100" → parts by mass. What is no pair goes to the server as it is, which says what is wrong. */
export function readParts(typed: string): Record<string, string> {
  const parts: Record<string, string> = {};
  for (const part of typed.split(/[;\n]|,(?=\s*\p{L})/u)) {
    const match = /^\s*(.*?)\s*[:=]?\s*([\d.,]+)?\s*$/.exec(part);
    if (match?.[1]) parts[match[1]] = match[2] ?? '';
  }
  return parts;
}

/** How moulds by it came out, version by version, in words. */
export function outcomeWords(recipe: Recipe): string[] {
  return recipe.outcomes.map(({ version, good, usable, scrap }) => {
    const told = [good > 0 && `${good} good`, usable > 0 && `${usable} usable`, scrap > 0 && `${scrap} scrap`].filter(Boolean).join(', ');
    const which = version === null ? '' : version === recipe.version ? 'As it is now: ' : `As it was in version ${version}: `;
    return `${which}${told}.`;
  });
}
