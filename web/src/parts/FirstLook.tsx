import { useEffect, useState } from 'react';
import { pieceStore } from '../storage/keeper.ts';

/** Where it is kept that the marks were explained. */
const EXPLAINED = 'explained';

const LINES: readonly (readonly [string, string])[] = [
  ['∴', 'opens a figure to its working: the formula, what went in, where that came from.'],
  ['1 … 9, 0', 'the rule along the bottom: a press on a stage, or its key, goes there.'],
  ['■', 'stops the work; each says why, and offers a way out.'],
  ['◇', 'is to be looked at before you go on.'],
];

const settings = async () => (await pieceStore()).drawers.settings;

/** What the marks mean, one line each, until it has been read once in this browser. */
export function FirstLook() {
  const [isNew, setIsNew] = useState(false);
  useEffect(() => {
    let isGone = false;
    settings()
      .then((kept) => kept.get(EXPLAINED))
      .then(
        (known) => !isGone && setIsNew(!known),
        // Without storage it would be explained again at every page: rather not at all.
        () => undefined,
      );
    return () => {
      isGone = true;
    };
  }, []);
  if (!isNew) return null;
  return (
    <section aria-label="How to read this" className="border-b border-hair px-3.5 py-2.5 text-[13px]">
      <dl className="grid grid-cols-[auto_1fr] gap-x-2.5 gap-y-1">
        {LINES.map(([mark, says]) => (
          <div key={mark} className="contents">
            <dt className="figure text-fired">{mark}</dt>
            <dd>{says}</dd>
          </div>
        ))}
      </dl>
      <button
        type="button"
        className="press-quiet mt-1 -ml-1 text-fired"
        onClick={() => {
          setIsNew(false);
          settings()
            .then((kept) => kept.set(EXPLAINED, true))
            .catch(() => undefined);
        }}
      >
        I see
      </button>
    </section>
  );
}
