import type { Photo } from '../../shared/api';

export interface PinGroup {
  key: string;
  label: string;
  /** One place on one photo, attempt by attempt. */
  shots: { photo: Photo; x: number; y: number }[];
}

/** What shows on the photos of more than one attempt, or oftener than once: the same fault, on the same section where one is told. */
export function alike(photos: readonly Photo[], sectionName: (id: string) => string): PinGroup[] {
  const groups = new Map<string, PinGroup>();
  for (const photo of photos)
    for (const pin of photo.pins) {
      const key = `${pin.kind} ${pin.section ?? ''}`;
      const label = pin.section ? `${pin.label}, ${sectionName(pin.section)}` : pin.label;
      const group = groups.get(key) ?? { key, label, shots: [] };
      group.shots.push({ photo, x: pin.x, y: pin.y });
      groups.set(key, group);
    }
  const attempts = (group: PinGroup) => new Set(group.shots.map((shot) => shot.photo.number)).size;
  return [...groups.values()]
    .map((group) => ({ ...group, shots: group.shots.toSorted((a, b) => a.photo.number - b.photo.number) }))
    .sort((a, b) => attempts(b) - attempts(a) || b.shots.length - a.shots.length);
}

/** How a photo is laid behind a small window so that a place on it stands in the middle, as far as the photo reaches. */
export function around(
  photo: { width: number; height: number },
  x: number,
  y: number,
  zoom: number,
): { x: number; y: number; size: string } {
  const wide = photo.width >= photo.height;
  // The shorter side fills the window "zoom" times.
  const across = zoom * (wide ? photo.width / photo.height : 1);
  const down = zoom * (wide ? 1 : photo.height / photo.width);
  const place = (share: number, times: number) => (times <= 1 ? 50 : (100 * clamp(share * times - 0.5, 0, times - 1)) / (times - 1));
  return { x: place(x, across), y: place(y, down), size: `${100 * across}% ${100 * down}%` };
}

const clamp = (value: number, low: number, high: number) => Math.min(high, Math.max(low, value));
