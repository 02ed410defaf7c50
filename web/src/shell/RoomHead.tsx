import { Link, useLocation } from 'react-router';
import { Mark } from './Mark.tsx';

const ROOMS = [
  ['/', 'Shelf'],
  ['/handbook', 'Handbook'],
  ['/workshop', 'Workshop'],
] as const;

/** The head line of the rooms outside a piece. */
export function RoomHead({ title }: { readonly title: string }) {
  const { pathname } = useLocation();
  return (
    <header className="flex min-h-[46px] items-center gap-3 border-b border-ink px-3.5">
      <Link to="/" aria-label="Every Inch, to the Shelf" className="flex items-center gap-2.5">
        <Mark />
        <span className="font-semibold">Every Inch</span>
      </Link>
      <h1 className="min-w-0 truncate text-quiet">{title}</h1>
      <nav aria-label="Rooms" className="ml-auto flex gap-4">
        {ROOMS.map(([to, name]) => (
          <Link
            key={to}
            to={to}
            aria-current={pathname === to ? 'page' : undefined}
            className="hover:underline aria-[current]:text-fired"
          >
            {name}
          </Link>
        ))}
      </nav>
    </header>
  );
}
