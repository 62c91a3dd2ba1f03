import { useEffect } from 'react';

/** Keys of one screen. The map may change between renders; typing and dialogs are left alone. */
export function useKeys(keys: Record<string, (() => void) | undefined>): void {
  useEffect(() => {
    const pressed = (event: KeyboardEvent) => {
      const target = event.target;
      const typing = target instanceof HTMLElement && ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName);
      if (event.ctrlKey || event.metaKey || event.altKey || typing || document.querySelector('[role="dialog"]')) return;
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
