import { useEffect, useState } from 'react';
import { v7 as freshId } from 'uuid';
import type { RunSheet } from '../../shared/api';
import { useChange, useOutbox, type Plain } from '../../shared/record';
import { useSaving } from '../../shared/ui/useSaving';
import { heldNow, mates, plainOf, tapped, type DayEvent } from './model';

/** The taps of a day: each is on this device at once, and in the notebook when that can be reached. */
export function useDay(sheet: RunSheet & { ahead: number }) {
  const outbox = useOutbox();
  const change = useChange();
  const { outcome, run } = useSaving();
  const send = (changes: Parameters<typeof change>[0]['changes']) =>
    run(() =>
      change({
        label: `${sheet.casting_name}, no. ${sheet.number}: the day of the pour`,
        path: `/attempts/${sheet.attempt_id}/day`,
        changes,
      }),
    );
  const set = (field: string, was: Plain, to: Plain, attempts: readonly string[] = [sheet.attempt_id]) =>
    void send(attempts.map((id) => ({ part: 'attempt' as const, id, set: { [field]: { was, to } } })));
  /** What happens in the melt happens to every mould that is filled from it. */
  const touched = (code: string) => [
    sheet.attempt_id,
    ...(sheet.taps.find((tap) => tap.code === code)?.phase === 'melt' ? mates(sheet) : []),
  ];
  const now = () => Date.now() / 1000 + sheet.ahead;
  return {
    outcome,
    now,
    events: tapped(sheet, outbox.items),
    holds: heldNow(sheet, outbox.items),
    tap: (code: string, word: string | null = null) => set(`event.${freshId()}`, null, plainOf({ code, at: now(), word }), touched(code)),
    move: (event: DayEvent, seconds: number) =>
      set(`event.${event.id}`, plainOf(event), plainOf({ ...event, at: Math.min(now(), event.at + seconds) }), touched(event.code)),
    takeBack: (event: DayEvent) => set(`event.${event.id}`, plainOf(event), null, touched(event.code)),
    hold: (hold: RunSheet['holds'][number], reason: string | null | undefined) =>
      set(`hold.${hold.code}`, hold.seen ? { reason: hold.reason } : null, reason === undefined ? null : { reason }),
    send,
  };
}

export type Doing = ReturnType<typeof useDay>;

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
