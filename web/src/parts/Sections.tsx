import { ChevronDown } from 'lucide-react';
import { Collapsible } from 'radix-ui';
import {
  createContext,
  type ReactNode,
  useCallback,
  useContext,
  useEffect,
  useMemo,
  useRef,
  useState,
} from 'react';
import { useWantedEntry } from './entries.ts';
import { useKeysOf } from './keys.ts';
import { namesEntry } from './lens.ts';

/** A section as the index of its lens knows it. */
interface Listed {
  readonly id: string;
  readonly title: string;
  /** Its heading button. */
  readonly head: HTMLElement;
  readonly open: () => void;
}

interface Index {
  readonly of: string;
  list(section: Listed): () => void;
}

const IndexContext = createContext<Index | null>(null);

const keyOf = (of: string): string => `sections ${of}`;

/** Which sections of a lens were opened or closed by hand, as this browser remembers. */
function remembered(of: string): Readonly<Record<string, boolean>> {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(keyOf(of)) ?? '{}');
    return typeof kept === 'object' && kept !== null ? (kept as Record<string, boolean>) : {};
  } catch {
    return {};
  }
}

function remember(of: string, id: string, isOpen: boolean): void {
  try {
    localStorage.setItem(keyOf(of), JSON.stringify({ ...remembered(of), [id]: isOpen }));
  } catch {
    // Without storage a section is as it was opened for as long as the page.
  }
}

/** In the order they stand in on the page. */
function inPageOrder(a: Listed, b: Listed): number {
  return a.head.compareDocumentPosition(b.head) & Node.DOCUMENT_POSITION_FOLLOWING ? -1 : 1;
}

/** The names of the sections in one line that sticks, each leading to its section; keys lead to the next and the one before. */
function IndexLine({ sections }: { readonly sections: readonly Listed[] }) {
  const lead = useCallback(({ head, open }: Listed) => {
    open();
    head.focus({ preventScroll: true });
    head.scrollIntoView({ block: 'start' });
  }, []);
  useKeysOf(
    ['[', ']'],
    useCallback(
      (key) => {
        // The section that is being read is the last whose heading has gone past the top, by a line.
        const past = sections.filter(({ head }) => head.getBoundingClientRect().top < 160).length - 1;
        const focused = sections.findIndex(({ head }) => head === document.activeElement);
        const at = focused >= 0 ? focused : past;
        const to = sections[key === ']' ? at + 1 : at - 1];
        if (to) lead(to);
      },
      [sections, lead],
    ),
  );
  return (
    <nav
      aria-label="Sections"
      className="sections-line sticky top-0 z-20 -mx-4 mb-2 flex gap-x-1 overflow-x-auto border-b border-hair bg-bench py-0.5 pr-32 pl-2.5 max-md:pr-2.5"
    >
      {sections.map((section) => (
        <a
          key={section.id}
          href={`#${section.id}`}
          className="press-quiet shrink-0 whitespace-nowrap text-[13px] text-quiet hover:text-ink"
          onClick={(event) => {
            event.preventDefault();
            lead(section);
          }}
        >
          {section.title}
        </a>
      ))}
    </nav>
  );
}

/** A lens in sections, with their index above them once there are two. */
export function Sections({ of, children }: { readonly of: string; readonly children: ReactNode }) {
  const [sections, setSections] = useState<readonly Listed[]>([]);
  const index = useMemo(
    (): Index => ({
      of,
      list(section) {
        setSections((before) => [...before.filter(({ id }) => id !== section.id), section].sort(inPageOrder));
        return () => setSections((before) => before.filter((one) => one !== section));
      },
    }),
    [of],
  );
  return (
    <IndexContext value={index}>
      {sections.length > 1 && <IndexLine sections={sections} />}
      {children}
    </IndexContext>
  );
}

interface SectionProps {
  /** Unique in its lens. */
  readonly id: string;
  /** As the index names it. */
  readonly title: string;
  /** As its heading says it, where that is more. */
  readonly says?: string;
  /** Beside the heading. */
  readonly beside?: ReactNode;
  /** Closed until it is wanted. */
  readonly startsClosed?: boolean;
  /** Entries that are made here, as paths; led to one of them, it opens. */
  readonly edits?: readonly string[];
  readonly className?: string;
  readonly children: ReactNode;
}

/** A section of a lens: named in its index, opened and closed by its heading, and remembered as it was left. */
export function Section(props: SectionProps) {
  const { id, title, says = title, beside, startsClosed = false, edits, className = '', children } = props;
  const index = useContext(IndexContext);
  const [isOpen, setIsOpen] = useState(() => remembered(index?.of ?? '')[id] ?? !startsClosed);
  const head = useRef<HTMLButtonElement>(null);
  const set = (open: boolean): void => {
    setIsOpen(open);
    if (index) remember(index.of, id, open);
  };
  useEffect(() => {
    if (!index || !head.current) return undefined;
    return index.list({ id, title, head: head.current, open: () => setIsOpen(true) });
  }, [index, id, title]);
  const wanted = useWantedEntry();
  useEffect(() => {
    if (wanted && edits?.some((pattern) => namesEntry(pattern, wanted.split('/')))) setIsOpen(true);
  }, [wanted, edits]);
  return (
    <Collapsible.Root asChild open={isOpen} onOpenChange={set}>
      <section
        aria-label={title}
        className={`mt-4 border-t border-hair pt-1 first:mt-0 first:border-t-0 [nav+&]:mt-0 [nav+&]:border-t-0 ${className}`}
      >
        <div className="flex flex-wrap items-center gap-x-4">
          <h3 className="font-semibold">
            <Collapsible.Trigger
              ref={head}
              className="-ml-1 flex min-h-8 scroll-mt-12 items-center gap-1 px-1 text-left"
            >
              <ChevronDown aria-hidden className={`size-3.5 text-quiet ${isOpen ? '' : '-rotate-90'}`} />
              {says}
            </Collapsible.Trigger>
          </h3>
          {isOpen && beside}
        </div>
        <Collapsible.Content>{children}</Collapsible.Content>
      </section>
    </Collapsible.Root>
  );
}
