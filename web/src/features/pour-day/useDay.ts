import { useEffect, useState } from 'react';
import { v7 as freshId } from 'uuid';
import type { RunSheet } from '../../shared/api';
import { useChange, useOutbox, type Plain } from '../../shared/record';
import { useSaving } from '../../shared/ui/useSaving';
import { heldNow, plainOf, tapped, type DayEvent } from './model';

/** The taps of a day: each is on this device at once, and in the notebook when that can be reached. */
export function useDay(sheet: RunSheet & { ahead: number }) {
  const outbox = useOutbox();
  const change = useChange();
  const { outcome, run } = useSaving();
  const set = (field: string, was: Plain, to: Plain) =>
    void run(() =>
      change({
        label: `${sheet.casting_name}, no. ${sheet.number}: the day of the pour`,
        path: `/attempts/${sheet.attempt_id}/day`,
        changes: [{ part: 'attempt', id: sheet.attempt_id, set: { [field]: { was, to } } }],
      }),
    );
  const now = () => Date.now() / 1000 + sheet.ahead;
  return {
    outcome,
    now,
    events: tapped(sheet, outbox.items),
    holds: heldNow(sheet, outbox.items),
    tap: (code: string, word: string | null = null) => set(`event.${freshId()}`, null, plainOf({ code, at: now(), word })),
    move: (event: DayEvent, seconds: number) =>
      set(`event.${event.id}`, plainOf(event), plainOf({ ...event, at: Math.min(now(), event.at + seconds) })),
    takeBack: (event: DayEvent) => set(`event.${event.id}`, plainOf(event), null),
    hold: (hold: RunSheet['holds'][number], reason: string | null | undefined) =>
      set(`hold.${hold.code}`, hold.seen ? { reason: hold.reason } : null, reason === undefined ? null : { reason }),
  };
}

/** Ticks while somebody looks. */
export function useTick(milliseconds: number): void {
  const [, setCount] = useState(0);
  useEffect(() => {
    const timer = setInterval(() => setCount((count) => count + 1), milliseconds);
    return () => clearInterval(timer);
  }, [milliseconds]);
}

/** Keeps the screen awake where the device lets us; a phone that does not is no error. */
export function useAwake(): void {
  useEffect(() => {
    if (!('wakeLock' in navigator)) return;
    let lock: WakeLockSentinel | null = null;
    const ask = () => {
      if (document.visibilityState === 'visible')
        navigator.wakeLock.request('screen').then(
          (got) => (lock = got),
          () => undefined,
        );
    };
    ask();
    document.addEventListener('visibilitychange', ask);
    return () => {
      document.removeEventListener('visibilitychange', ask);
      void lock?.release();
    };
  }, []);
}
