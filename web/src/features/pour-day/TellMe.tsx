import { useEffect, useState } from 'react';
import type { RunSheet } from '../../shared/api';

/** A word from the device when the plan's time is past, where the device allows it and the notebook stays open. */
export function TellMe({ sheet, since }: { sheet: RunSheet; since: number }) {
  const able = 'Notification' in window;
  const [allowed, setAllowed] = useState(able && Notification.permission === 'granted');
  const next = sheet.opening.find((row) => since < row.seconds);
  const left = next ? next.seconds - since : null;
  const label = next?.label ?? '';
  const soon = left === null ? null : Math.ceil(left);
  useEffect(() => {
    if (!allowed || soon === null || soon > 1) return;
    // The last second: said once, since the row is past with the next tick.
    const words = { body: `${sheet.casting_name}, no. ${sheet.number}`, tag: `${sheet.attempt_id} ${label}` };
    const title = `${label}, by the plan`;
    const here = () => void new Notification(title, words);
    if (!('serviceWorker' in navigator)) return here();
    void navigator.serviceWorker.getRegistration().then((worker) => (worker ? worker.showNotification(title, words) : here()));
  }, [allowed, soon, label, sheet]);
  if (!able || !next || Notification.permission === 'denied') return null;
  if (allowed)
    return (
      <p className="mt-2 text-sm text-soft" role="status">
        This device says a word when it is {label.toLowerCase()}, as long as the notebook is open.
      </p>
    );
  return (
    <button
      type="button"
      className="press mt-2 min-h-16"
      onClick={() => void Notification.requestPermission().then((given) => setAllowed(given === 'granted'))}
    >
      Tell me when
    </button>
  );
}
