import { useEffect } from 'react';
import { useNavigate } from 'react-router';

export const SHORTCUTS: readonly { keys: string; does: string; to?: string }[] = [
  { keys: 'p', does: 'Log a pour', to: '/log' },
  { keys: 'b', does: 'Bench', to: '/' },
  { keys: 'c', does: 'Castings', to: '/castings' },
  { keys: 'k', does: 'Week', to: '/week' },
  { keys: 'o', does: 'Workshop', to: '/workshop' },
  { keys: 'l', does: 'Ledger', to: '/ledger' },
  { keys: 'h', does: 'Handbook', to: '/handbook' },
  { keys: 'f', does: 'Add a finding (on an attempt)' },
  { keys: 'g', does: 'Plan (on an attempt)' },
  { keys: 'w', does: 'Why (on an attempt)' },
  { keys: 'x', does: 'Change sheet (on an attempt)' },
  { keys: 'y · n · u', does: 'Answer the check: yes, no, cannot tell (on Why)' },
  { keys: '?', does: 'This sheet' },
];

export function isTyping(target: EventTarget | null): boolean {
  return target instanceof HTMLElement && (target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName));
}

/**
 * Single keys, never while somebody types, never with a modifier: the browser's own shortcuts stay its own. A caster can switch them all
 * off.
 */
export function useShortcuts(onSheet: () => void, on: boolean): void {
  const navigate = useNavigate();
  useEffect(() => {
    document.documentElement.dataset['singleKeys'] = on ? 'on' : 'off';
    if (!on) return undefined;
    const pressed = (event: KeyboardEvent) => {
      if (
        event.defaultPrevented ||
        event.ctrlKey ||
        event.metaKey ||
        event.altKey ||
        isTyping(event.target) ||
        document.querySelector('[role="dialog"]')
      )
        return;
      if (event.key === '?') {
        onSheet();
        return;
      }
      const shortcut = SHORTCUTS.find((row) => row.keys === event.key && row.to);
      if (shortcut?.to) {
        event.preventDefault();
        void navigate(shortcut.to);
      }
    };
    window.addEventListener('keydown', pressed);
    return () => window.removeEventListener('keydown', pressed);
  }, [navigate, onSheet, on]);
}
