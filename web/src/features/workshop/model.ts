import { SIZES, type Told, type Workshop } from '../../shared/api';
import type { Plain, Stands } from '../../shared/record';

/** The settings of a workshop as drafts name them; its things have drafts of their own. */
export function seenOf(workshop: Workshop): Record<string, Stands> {
  const seen: Record<string, Stands> = {};
  for (const [source, price] of Object.entries(workshop.tariffs)) seen[`workshop/tariffs.${source}`] = { raw: price, shown: String(price) };
  if (workshop.safe_lift) seen['workshop/safe_lift'] = { raw: workshop.safe_lift.raw as Plain, shown: asTyped(workshop.safe_lift) };
  for (const [setting, told] of Object.entries(workshop.costs))
    seen[`workshop/costs.${setting}`] = { raw: told.raw as Plain, shown: asTyped(told) };
  seen['workshop/currency'] = { raw: workshop.currency, shown: workshop.currency };
  if (workshop.school) seen['workshop/school'] = { raw: workshop.school, shown: workshop.school };
  return seen;
}

/** In the unit it was typed in. */
function asTyped({ raw, shown }: Told): string {
  if (typeof raw !== 'object' || raw === null || !('value' in raw) || !('unit' in raw)) return shown;
  const { value, unit } = raw as { value: number; unit: string };
  return `${value} ${unit}`;
}

/** How large something is drawn; null where that is not said, or in a unit that no drawing knows. */
export function metres(told: Told | undefined): number | null {
  const raw = told?.raw;
  if (typeof raw !== 'object' || raw === null || !('value' in raw) || !('unit' in raw)) return null;
  const { value, unit } = raw as { value: number; unit: string };
  const factor = SIZES[unit];
  return factor === undefined ? null : value * factor;
}
