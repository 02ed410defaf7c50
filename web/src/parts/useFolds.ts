import { useLayoutEffect, useRef, useState } from 'react';

/**
 * Whether the room of a thing is no wider than so many rem, told again whenever that changes. It is watched here and not by
 * a query of the style sheet: browsers leave a table in such a container now and then without any layout at all.
 */
export function useFolds(rem: number) {
  const room = useRef<HTMLDivElement>(null);
  const [folds, setFolds] = useState(false);
  useLayoutEffect(() => {
    const element = room.current;
    if (!element) return undefined;
    const look = (widthPx: number) => {
      const px = Number.parseFloat(getComputedStyle(document.documentElement).fontSize) || 16;
      // What has no width is not shown, or not laid out yet.
      setFolds(widthPx > 0 && widthPx <= rem * px);
    };
    look(element.clientWidth);
    const watch = new ResizeObserver(() => look(element.clientWidth));
    watch.observe(element);
    return () => watch.disconnect();
  }, [rem]);
  return { room, folds };
}
