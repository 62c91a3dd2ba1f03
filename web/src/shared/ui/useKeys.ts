import { useEffect } from 'react';

/** Whether single letters do anything at all: a caster may have switched them off (WCAG 2.1.4). */
export function singleKeys(): boolean {
  return document.documentElement.dataset['singleKeys'] !== 'off';
}

/** Keys of one screen. The map may change between renders; typing and dialogs are left alone. */
export function useKeys(keys: Record<string, (() => void) | undefined>): void {
  useEffect(() => {
    const pressed = (event: KeyboardEvent) => {
      const target = event.target;
      const typing = target instanceof HTMLElement && ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName);
      if (!singleKeys() || event.ctrlKey || event.metaKey || event.altKey || typing || document.querySelector('[role="dialog"]')) return;
      const action = keys[event.key];
      if (action) {
        event.preventDefault();
        action();
      }
    };
    window.addEventListener('keydown', pressed);
    return () => window.removeEventListener('keydown', pressed);
  }, [keys]);
}
