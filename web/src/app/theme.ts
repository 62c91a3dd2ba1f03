import { useEffect } from 'react';

/** Day, night, or as the device has it. */
export function useTheme(theme: string | undefined): void {
  useEffect(() => {
    document.documentElement.dataset['theme'] = theme ?? 'auto';
  }, [theme]);
}
