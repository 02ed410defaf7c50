import { useVirtualizer } from '@tanstack/react-virtual';
import { type ReactNode, useEffect } from 'react';

interface WindowListProps {
  readonly count: number;
  readonly keyOf: (index: number) => string | number;
  /** Height of a row before it is measured, px. */
  readonly rowHeight: number;
  readonly scroller: HTMLElement | null;
  /** A row to be kept in sight. */
  readonly inSight?: number;
  /** A row; `measure` is to be the ref of its element, which bears `data-index`. */
  readonly row: (index: number, measure: (row: HTMLElement | null) => void) => ReactNode;
}

/** The rows in sight of a very long list, with room for the others above and below. */
export function WindowList({ count, keyOf, rowHeight, scroller, inSight, row }: WindowListProps) {
  const rows = useVirtualizer({
    count,
    getScrollElement: () => scroller,
    estimateSize: () => rowHeight,
    getItemKey: keyOf,
    overscan: 8,
  });
  useEffect(() => {
    if (inSight !== undefined) rows.scrollToIndex(Math.max(inSight, 0), { align: 'auto' });
  }, [rows, inSight]);
  const shown = rows.getVirtualItems();
  return (
    <ul
      style={{
        paddingTop: shown[0]?.start ?? 0,
        paddingBottom: rows.getTotalSize() - (shown.at(-1)?.end ?? 0),
      }}
    >
      {shown.map(({ index }) => row(index, rows.measureElement))}
    </ul>
  );
}
