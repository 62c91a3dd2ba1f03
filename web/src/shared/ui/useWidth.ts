import { useLayoutEffect, useRef, useState } from 'react';

/** The width a drawing has on the screen, so that its lettering keeps its size on a phone. */
export function useWidth(start: number) {
  const ref = useRef<HTMLDivElement>(null);
  const [width, setWidth] = useState(start);
  useLayoutEffect(() => {
    const element = ref.current;
    if (!element) return;
    const measure = () => setWidth(Math.max(260, Math.min(1180, Math.round(element.clientWidth))));
    measure();
    const observer = new ResizeObserver(measure);
    observer.observe(element);
    return () => observer.disconnect();
  }, []);
  return { ref, width };
}
