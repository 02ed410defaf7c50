import { useLayoutEffect, useState } from 'react';
import { FIT_SAYS } from '../parts/Fits.tsx';
import { useFind } from '../spine/hooks.ts';
import { selectPart, useAppSelector, useOfPiece } from '../state/store.ts';

/** How far apart links stand when several run side by side, and how many columns there are, px. */
const COLUMN = 3;
const COLUMNS = 3;
/** Where the lines end, px from the edge: just before the names. */
const REACH = 12.5;
/** Middle of the name in a row, px. */
const NAME_AT = 17;

interface Place {
  readonly id: string;
  readonly from: number;
  readonly to: number;
}

/** Where the rows of every fit are, px from the top of the list. */
function usePlaces(list: HTMLElement | null): readonly Place[] {
  const fits = useOfPiece((piece) => piece.fits);
  const parts = useOfPiece((piece) => piece.parts);
  const selected = useAppSelector((state) => selectPart(state)?.id);
  const [places, setPlaces] = useState<readonly Place[]>([]);
  // Rows grow when they are selected and change places when parts are moved: both are seen by the list's own size or by these.
  // biome-ignore lint/correctness/useExhaustiveDependencies: parts and selection move the rows that are measured
  useLayoutEffect(() => {
    if (!list) return undefined;
    const measure = (): void => {
      const top = list.getBoundingClientRect().top;
      const at = (id: string) => {
        const row = document.getElementById(`tray-${id}`);
        return row ? row.getBoundingClientRect().top - top + NAME_AT : null;
      };
      setPlaces(
        fits.flatMap(({ id, part, on }): Place[] => {
          const [from, to] = [at(part), at(on)];
          return from === null || to === null || from === to ? [] : [{ id, from, to }];
        }),
      );
    };
    measure();
    const observer = new ResizeObserver(measure);
    observer.observe(list);
    return () => observer.disconnect();
  }, [list, fits, parts, selected]);
  return places;
}

/** Lines that join the parts that go together, along the edge of the tray. */
export function TrayLinks({ list }: { readonly list: HTMLElement | null }) {
  const fits = useOfPiece((piece) => piece.fits);
  const parts = useOfPiece((piece) => piece.parts);
  const find = useFind();
  const selected = useAppSelector((state) => selectPart(state)?.id);
  const places = usePlaces(list);
  if (places.length === 0) return null;
  const height = Math.max(...places.flatMap(({ from, to }) => [from, to])) + 8;
  const name = (id: string) => parts.find((part) => part.id === id)?.name ?? '';
  return (
    <svg
      className="pointer-events-none absolute top-0 left-0"
      width={REACH}
      height={height}
      role="img"
      aria-label={fits.map(({ part, kind, on }) => `${name(part)} ${FIT_SAYS[kind]} ${name(on)}`).join('; ')}
    >
      {places.map(({ id, from, to }, i) => {
        const fit = fits.find((one) => one.id === id);
        const level = fit ? find(fit.part, `fit.${id}`)?.verdict?.level : undefined;
        const isNear = fit !== undefined && (fit.part === selected || fit.on === selected);
        const x = 4.5 + COLUMN * (i % COLUMNS);
        const colour =
          level === 'stop'
            ? 'var(--wont)'
            : level === 'doubtful'
              ? 'var(--tight)'
              : isNear
                ? 'var(--fired)'
                : 'var(--quiet)';
        return (
          <path
            key={id}
            d={`M${REACH} ${from}H${x}V${to}H${REACH}`}
            fill="none"
            stroke={colour}
            strokeWidth={isNear ? 1.6 : 0.8}
          />
        );
      })}
    </svg>
  );
}
