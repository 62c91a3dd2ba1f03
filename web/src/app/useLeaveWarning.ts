import { useEffect } from 'react';
import { anythingUnkept } from '../shared/record';

/** Asks before the page goes, while something typed is nowhere but on it. */
export function useLeaveWarning(): void {
  useEffect(() => {
    const warn = (event: BeforeUnloadEvent) => {
      if (anythingUnkept()) event.preventDefault();
    };
    window.addEventListener('beforeunload', warn);
    return () => window.removeEventListener('beforeunload', warn);
  }, []);
}
