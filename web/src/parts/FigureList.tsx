import type { ShownFigure } from '@every-inch/core/reckoning';
import { ChevronDown } from 'lucide-react';
import { Collapsible } from 'radix-ui';
import { type ComponentProps, useState } from 'react';
import { FigureRow } from './FigureRow.tsx';

/** Most figures that stand open besides those that want the maker. */
const MOST_OPEN = 7;

const RANK = { stop: 0, doubtful: 1, good: 2 } as const;

/** Whether a figure is of one of some keys; `*` at the end of a key stands for anything. */
function isOf(keys: readonly string[], { key }: ShownFigure): boolean {
  return keys.some((one) => (one.endsWith('*') ? key.startsWith(one.slice(0, -1)) : one === key));
}

/**
 * Figures in the order they are wanted: first what stops or is to be looked at, then those that matter at this stage in the
 * order they are named, at most seven; all others are folded.
 */
export function inOrderOfNeed(
  figures: readonly ShownFigure[],
  matter: readonly string[],
): { readonly open: readonly ShownFigure[]; readonly folded: readonly ShownFigure[] } {
  const wants = figures
    .filter(({ verdict }) => verdict && verdict.level !== 'good')
    .sort((a, b) => RANK[a.verdict?.level ?? 'good'] - RANK[b.verdict?.level ?? 'good']);
  const place = (figure: ShownFigure) => matter.findIndex((key) => isOf([key], figure));
  const matters = figures
    .filter((figure) => !wants.includes(figure) && isOf(matter, figure))
    .sort((a, b) => place(a) - place(b))
    .slice(0, MOST_OPEN);
  const open = [...wants, ...matters];
  return { open, folded: figures.filter((figure) => !open.includes(figure)) };
}

interface ListProps {
  readonly figures: readonly ShownFigure[];
  /** Keys of those that matter at this stage, the first first; `*` at the end stands for anything. */
  readonly matter: readonly string[];
  /** What more is said beside a figure. */
  readonly beside?: (figure: ShownFigure) => Partial<ComponentProps<typeof FigureRow>>;
}

/** The figures of a part or of the piece: what wants the maker first, what matters next, the others folded. */
export function FigureList({ figures, matter, beside }: ListProps) {
  const [isOpen, setIsOpen] = useState(false);
  const { open, folded } = inOrderOfNeed(figures, matter);
  const row = (figure: ShownFigure) => <FigureRow key={figure.id} figure={figure} {...beside?.(figure)} />;
  return (
    <>
      {open.map(row)}
      {folded.length > 0 && (
        <Collapsible.Root open={isOpen} onOpenChange={setIsOpen}>
          <Collapsible.Trigger className="press-quiet -ml-1 flex items-center gap-1 text-[13px] text-quiet">
            <ChevronDown aria-hidden className={`size-3.5 ${isOpen ? '' : '-rotate-90'}`} />
            {isOpen ? 'Fewer figures' : `More figures (${folded.length})`}
          </Collapsible.Trigger>
          <Collapsible.Content>{folded.map(row)}</Collapsible.Content>
        </Collapsible.Root>
      )}
    </>
  );
}
