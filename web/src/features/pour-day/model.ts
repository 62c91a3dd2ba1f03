import type { RunSheet } from '../../shared/api';
import type { Outgoing, Plain } from '../../shared/record';

export interface DayEvent {
  id: string;
  code: string;
  label: string;
  at: number;
  word: string | null;
  /** Not in the notebook yet. */
  onDevice: boolean;
}

/** What was tapped: what the notebook has, with what waits on this device laid over it, in the order of the day. */
export function tapped(sheet: RunSheet, waiting: readonly Outgoing[]): DayEvent[] {
  const events = new Map<string, DayEvent>(sheet.events.map((event) => [event.id, { ...event, onDevice: false }]));
  for (const [field, to] of coming(sheet.attempt_id, waiting, 'event.')) {
    const id = field.slice('event.'.length);
    const told = eventOf(to);
    if (told === null) events.delete(id);
    else
      events.set(id, {
        ...told,
        id,
        label: sheet.taps.find((tap) => tap.code === told.code)?.label ?? told.code,
        onDevice: true,
      });
  }
  return [...events.values()].sort((a, b) => a.at - b.at);
}

/** Holds as they stand with what waits on this device. */
export function heldNow(sheet: RunSheet, waiting: readonly Outgoing[]): RunSheet['holds'] {
  const changes = new Map(coming(sheet.attempt_id, waiting, 'hold.'));
  return sheet.holds.map((hold) => {
    const to = changes.get(`hold.${hold.code}`);
    if (to === undefined) return hold;
    const reason = typeof to === 'object' && to !== null && !Array.isArray(to) && typeof to['reason'] === 'string' ? to['reason'] : null;
    return { ...hold, seen: to !== null, reason };
  });
}

function coming(attempt: string, waiting: readonly Outgoing[], prefix: string): [string, Plain][] {
  return waiting.flatMap((item) =>
    item.changes
      .filter((change) => change.id === attempt)
      .flatMap((change) =>
        Object.entries(change.set)
          .filter(([field]) => field.startsWith(prefix))
          .map(([field, { to }]): [string, Plain] => [field, to]),
      ),
  );
}

function eventOf(plain: Plain): { code: string; at: number; word: string | null } | null {
  if (typeof plain !== 'object' || plain === null || Array.isArray(plain)) return null;
  const { code, at, word } = plain;
  const second = typeof at === 'string' ? Number(at) : NaN;
  return typeof code === 'string' && Number.isFinite(second) ? { code, at: second, word: typeof word === 'string' ? word : null } : null;
}

/** How a tap is told to the notebook: its second in words, since numbers that large are the same to it within a second. */
export function plainOf(event: { code: string; at: number; word: string | null }): Plain {
  return { code: event.code, at: event.at.toFixed(1), word: event.word };
}

export interface Day {
  /** The step that comes now; null when all are done. */
  step: RunSheet['steps'][number] | null;
  next: RunSheet['steps'][number] | null;
  /** Seconds since 1970 of the first tap of a code. */
  at: (code: string) => number | null;
}

/** The other moulds of the same melt. */
export function mates(sheet: RunSheet): string[] {
  return sheet.heat_id === null
    ? []
    : sheet.together.filter((mould) => !mould.here && mould.heat_id === sheet.heat_id).map((mould) => mould.id);
}

/** What speaks against opening now, by the plan's late ends: nothing once all of it is past, or where the plan cannot tell. */
export function tooEarly(sheet: RunSheet, seconds: number): RunSheet['opening'] {
  return sheet.opening.filter((row) => (row.code === 'solid_through' || row.code === 'stiff_after') && seconds < row.seconds);
}

/** Where the day stands: the first step that nothing later was tapped after. */
export function dayOf(sheet: RunSheet, events: readonly DayEvent[]): Day {
  const at = (code: string) => events.find((event) => event.code === code)?.at ?? null;
  // A step that was forgotten is past when a later one was tapped; what ends a pour otherwise ends it too.
  const done = (code: string) => at(code) !== null || (code === 'full' && at('ran_short') !== null);
  const last = sheet.steps.findLastIndex((step) => done(step.code));
  return { step: sheet.steps[last + 1] ?? null, next: sheet.steps[last + 2] ?? null, at };
}

/** The temperature that is told for so many seconds out of the furnace: the nearer one that is not earlier, so never too hot. */
export function metalAt(sheet: RunSheet, seconds: number): RunSheet['metal'][number] | null {
  return sheet.metal.find((row) => row.seconds >= seconds) ?? sheet.metal.at(-1) ?? null;
}

/** 7 s, 2 min 05 s, 1 h 12 min. */
export function clock(seconds: number): string {
  const whole = Math.max(0, Math.round(seconds));
  if (whole < 60) return `${whole} s`;
  if (whole < 3600) return `${Math.floor(whole / 60)} min ${String(whole % 60).padStart(2, '0')} s`;
  return `${Math.floor(whole / 3600)} h ${String(Math.floor((whole % 3600) / 60)).padStart(2, '0')} min`;
}

/** Time of day on this device. */
export function timeOf(at: number): string {
  return new Date(at * 1000).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit', second: '2-digit' });
}
