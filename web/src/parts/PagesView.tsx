import type { Drawing } from '@every-inch/core/drawing';
import { DrawingView } from './DrawingView.tsx';

interface PagesViewProps {
  readonly pages: readonly Drawing[];
  /** What they are pages of. */
  readonly of: string;
}

/** Pages side by side, as they will be printed: always on white. */
export function PagesView({ pages, of }: PagesViewProps) {
  return (
    <div
      className="sheet grid grid-cols-[repeat(auto-fill,minmax(min(300px,100%),1fr))] gap-4"
      data-theme="light"
    >
      {pages.map((page, i) => (
        <DrawingView
          // biome-ignore lint/suspicious/noArrayIndexKey: pages are known by their number
          key={i}
          drawing={page}
          label={`Page ${i + 1} of the ${of}`}
          className="w-full border border-hair bg-white"
        />
      ))}
    </div>
  );
}
