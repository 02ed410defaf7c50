import {
  CAST_STUFFS,
  DEFAULT_MOULD,
  LAID_BY,
  type LaidBy,
  LIMITS,
  MOULD_KINDS,
  type MouldChoice,
  type MouldKind,
  type MouldStuff,
  type Part,
  typedLimits,
} from '@every-inch/core/piece';
import {
  boardsDrawing,
  boxBoards,
  CAST_STUFF_SAYS,
  type Draft,
  MOULD_STUFF_SAYS,
  type MouldFacts,
  PULL_OF,
  type Pulls,
} from '@every-inch/core/repeats';
import { formatMiniMm, miniMm } from '@every-inch/core/units';
import { BinButton } from '../../parts/BinButton.tsx';
import { Choice } from '../../parts/Choice.tsx';
import { LengthField } from '../../parts/LengthField.tsx';
import { NumberField } from '../../parts/NumberField.tsx';
import { PrintTrue } from '../../parts/PrintTrue.tsx';
import { Section } from '../../parts/Sections.tsx';
import { savePagesPdf } from '../../parts/savePages.ts';
import { usePartEdit } from '../../parts/usePartEdit.ts';
import { askOnce, useAsk, useFigure, useTold } from '../../spine/hooks.ts';
import { useAppSelector } from '../../state/store.ts';
import { CastMeasure } from './CastMeasure.tsx';
import { DraftView } from './DraftView.tsx';
import { MixStart } from './MixStart.tsx';

const KIND_SAYS: Readonly<Record<MouldKind, string>> = {
  press: 'pressed open, back cut flush',
  halves: 'two halves',
  poured: 'poured in a box',
  foil: 'crumpled foil, for rocks',
};
/** What a mould of each kind is made of, the usual first. */
const STUFFS_FOR: Readonly<Record<MouldKind, readonly [MouldStuff, ...MouldStuff[]]>> = {
  press: ['putty', 'clay'],
  halves: ['putty', 'clay'],
  poured: ['rubber'],
  foil: ['foil'],
};
const LAID_SAYS: Readonly<Record<LaidBy, string>> = { front: 'its front', top: 'its top', side: 'its side' };
const options = <T extends string>(of: readonly T[], says: Readonly<Record<T, string>>) =>
  of.map((value) => ({ value, says: says[value] }));

const mm = (value: number) => formatMiniMm(miniMm(value));

function share(part: number, { areaWhole }: Draft): number {
  return areaWhole > 0 ? (100 * part) / areaWhole : 0;
}

/** What may be done where a rigid mould locks, by how much of it does. */
function waysOut(locked: number, pulls: Pulls): readonly string[] {
  if (locked < 2) return [];
  return [
    'a soft mould gives way: putty or rubber, walls no thicker than they must be',
    ...(pulls === 'one' ? ['two halves'] : ['a third piece for what locks']),
    'cut the mould open along one side and tape it shut',
    'make what locks as a part of its own and join it after',
    'fill the undercut of the master with wax or clay',
  ];
}

function nearestLaid(direction: Draft['direction']): LaidBy {
  const [x, y, z] = direction.map(Math.abs);
  if ((y ?? 0) >= Math.max(x ?? 0, z ?? 0)) return 'top';
  return (z ?? 0) >= (x ?? 0) ? 'front' : 'side';
}

function DraftLine({ title, draft }: { readonly title: string; readonly draft: Draft }) {
  const locked = share(draft.undercut + draft.blind, draft);
  return (
    <>
      <span className="heading">{title}</span>{' '}
      <span className="figure">{share(draft.free, draft).toFixed(0)} %</span> comes off freely,{' '}
      <span className="figure">{share(draft.steep, draft).toFixed(0)} %</span> rubs,{' '}
      <span className={`figure ${locked >= 2 ? 'text-wont' : ''}`}>{locked.toFixed(0)} %</span> is locked
      {draft.back > 0 && `, ${share(draft.back, draft).toFixed(0)} % is its flat back`}
    </>
  );
}

/** How the part comes out of its mould, and which way it would come out best. */
function Pull({ part, choice }: { readonly part: Part; readonly choice: MouldChoice }) {
  const set = usePartEdit(part);
  const pulls: Pulls = choice.kind === 'halves' ? 'two' : 'one';
  const asked = { part: part.id, direction: PULL_OF[choice.pull], pulls } as const;
  const rough = useAsk('repeats.pull', { ...asked, looks: 'roughly' });
  const last = useAsk('repeats.pull', { ...asked, looks: 'well' });
  // Until the whole look of another way has come, the first look at that way goes before the last look at this.
  const whole = last?.laid.direction.join() === asked.direction.join() ? last : undefined;
  const seen = whole ?? rough;
  if (!seen) return <p className="mt-2 text-quiet">Looking which way it pulls …</p>;
  const locked = share(seen.laid.undercut + seen.laid.blind, seen.laid);
  const best = share(seen.best.undercut + seen.best.blind, seen.best);
  const to = nearestLaid(seen.best.direction);
  return (
    <div className="mt-3">
      <ul aria-label="Which way it pulls">
        <li className="border-t border-hair py-1">
          <DraftLine title="As it lies:" draft={seen.laid} />
          {!whole && <span className="text-quiet">; a first look, over the axes only …</span>}
        </li>
        {locked - best > 1 && (
          <li className="border-t border-hair py-1">
            <DraftLine title="Best of all directions:" draft={seen.best} />
            {to !== choice.pull && (
              <button
                type="button"
                className="press-quiet text-fired"
                onClick={() => set('mould.pull', to, 'how it lies')}
              >
                lay it with {LAID_SAYS[to]} to the opening
              </button>
            )}
          </li>
        )}
      </ul>
      {waysOut(locked, pulls).length > 0 && (
        <p className="mt-1 text-[13.5px]">
          <span className="text-tight">A rigid mould would lock.</span> {waysOut(locked, pulls).join(' · ')}
        </p>
      )}
    </div>
  );
}

/** Rocks by a crumpled tray, or by a sheet broken up. */
function RockWays({ rocks }: { readonly rocks: NonNullable<MouldFacts['rocks']> }) {
  const { count, clayMm3, traySideMm, trayDeepMm, sheetThickMm, sheetMm2 } = rocks;
  const side = mm(traySideMm);
  return (
    <ul className="mt-2" aria-label="Ways to the rocks">
      <li className="border-t border-hair py-1">
        {count} rocks take <span className="figure">{(clayMm3 / 1000).toFixed(1)} cm³</span> of clay, crumbs
        counted in
      </li>
      <li className="border-t border-hair py-1">
        In a tray of two layers of foil, crumpled and opened again,{' '}
        <span className="figure">
          {side} × {side} mm
        </span>{' '}
        inside and <span className="figure">{mm(trayDeepMm)}</span> deep; cut apart what comes out
      </li>
      <li className="border-t border-hair py-1">
        Or a sheet <span className="figure">{mm(sheetThickMm)} mm</span> thick, pressed against crumpled foil,{' '}
        <span className="figure">{(sheetMm2 / 100).toFixed(1)} cm²</span>: bake it and break it up
      </li>
    </ul>
  );
}

/** What is weighed, rolled or boarded up. */
function Portions({ facts }: { readonly facts: MouldFacts }) {
  const { choice, need, master } = facts;
  const [a, b, c] = need.outerMm;
  if (facts.rocks) return <RockWays rocks={facts.rocks} />;
  if (choice.of === 'clay')
    return (
      <p className="mt-2">
        A block of clay {mm(a)} × {mm(b)} × {mm(c)} mm; dust the master, press it in, bake the mould at the
        clay’s own heat.
      </p>
    );
  return (
    <ul className="mt-2" aria-label="What the mould takes">
      <li className="border-t border-hair py-1">
        {choice.kind === 'poured' ? 'Inside of the box' : 'Outside'}:{' '}
        <span className="figure">
          {mm(a)} × {mm(b)} × {mm(c)} mm
        </span>
        , wall <span className="figure">{mm(need.wallMm)}</span>
      </li>
      <li className="border-t border-hair py-1">
        Two equal portions: <span className="figure">{need.half.grams.toFixed(1)} g</span> each,{' '}
        <span className="figure">{(need.half.volumeMm3 / 1000).toFixed(1)} cm³</span>, or two balls of{' '}
        <span className="figure">{need.half.ballMm.toFixed(0)} mm</span>, or one wedge each off a roll{' '}
        <span className="figure">{mm(need.half.rollThickMm)} mm</span> thick, cut at{' '}
        <span className="figure">{mm(need.half.rollMm)} mm</span>
      </li>
      {need.pourMm !== null && (
        <li className="border-t border-hair py-1">
          Boards of <span className="figure">{mm(facts.boardMm)} mm</span> round it:{' '}
          <PrintTrue
            drawing={boardsDrawing(boxBoards(need, facts.boardMm))}
            name="Boards of the box"
            says="Print the boards"
          />
        </li>
      )}
      {need.pourMm !== null && (
        <li className="border-t border-hair py-1">
          Pour in a thin stream at one corner, up to <span className="figure">{mm(need.pourMm)} mm</span> over
          the floor; tap out the bubbles
        </li>
      )}
      {choice.kind === 'press' && (
        <li className="border-t border-hair py-1">
          Press the master in till its back is flush; once set, cut the mould’s face flat, so that casts can
          be cut off along it: <span className="figure">{mm(master.highMm)} mm</span> deep
        </li>
      )}
    </ul>
  );
}

function Fields({ part, choice }: { readonly part: Part; readonly choice: MouldChoice }) {
  const set = usePartEdit(part);
  return (
    <div className="flex flex-wrap items-end gap-x-5 gap-y-2">
      <Choice
        label="Mould"
        value={choice.kind}
        options={options(MOULD_KINDS, KIND_SAYS)}
        onChoose={(kind) => {
          const [usual] = STUFFS_FOR[kind];
          const of = STUFFS_FOR[kind].includes(choice.of) ? choice.of : usual;
          set('mould', { ...choice, kind, of }, 'mould');
        }}
      />
      <Choice
        label="of"
        value={choice.of}
        options={options(STUFFS_FOR[choice.kind], MOULD_STUFF_SAYS)}
        onChoose={(of) => set('mould.of', of, 'mould stuff')}
      />
      <Choice
        label="casts of"
        value={choice.casts}
        options={options(CAST_STUFFS, CAST_STUFF_SAYS)}
        onChoose={(casts) => set('mould.casts', casts, 'cast stuff')}
      />
      <Choice
        label="to the opening"
        value={choice.pull}
        options={options(LAID_BY, LAID_SAYS)}
        onChoose={(pull) => set('mould.pull', pull, 'how it lies')}
      />
      <LengthField
        label="wall"
        entry={['parts', part.id, 'mould', 'wallMm']}
        className="w-16"
        shown={choice.wallMm === null ? '' : mm(choice.wallMm)}
        placeholder="usual"
        unit="mm"
        onLength={(wallMm) => set('mould.wallMm', Math.min(100, Math.max(1, wallMm)), 'wall')}
        onEmpty={() => set('mould.wallMm', null, 'wall')}
      />
      <NumberField
        {...typedLimits(LIMITS.mouldChoice.runs)}
        label="casts wanted"
        entry={['parts', part.id, 'mould', 'runs']}
        className="w-14"
        value={choice.runs}
        onNumber={(runs) => set('mould.runs', runs, 'casts')}
      />
      <NumberField
        {...typedLimits(LIMITS.mouldChoice.generations)}
        label="moulds in a row, each from a cast"
        entry={['parts', part.id, 'mould', 'generations']}
        className="w-12"
        value={choice.generations}
        onNumber={(n) => set('mould.generations', n, 'generations')}
      />
      {choice.casts === 'clay' && choice.of !== 'foil' && (
        <label className="flex min-h-8 items-center gap-1.5">
          <input
            type="checkbox"
            checked={choice.bakedIn}
            onChange={() => set('mould.bakedIn', !choice.bakedIn, 'baked in the mould')}
          />
          cured in the mould
        </label>
      )}
      <BinButton label={`No mould of ${part.name}`} onPress={() => set('mould', null, 'mould')} />
    </div>
  );
}

/** Prints the card of the mould: its master at true size, what is mixed, its clock, and room for what comes out. */
function PrintMouldCard({ part }: { readonly part: Part }) {
  const paper = useAppSelector((state) => state.workshop.paper);
  const today = useAppSelector((state) => state.session.today);
  return (
    <button
      type="button"
      className="press-quiet text-fired"
      onClick={() =>
        void askOnce('bench.mould-card', { part: part.id, paper, now: today }).then(({ pages }) =>
          savePagesPdf(pages, paper, `${part.name} mould card`),
        )
      }
    >
      Print the card of the mould
    </button>
  );
}

/** The mould of a part: its portions, which way it pulls, how large its master is made, what lets it go, and its clock. */
export function Mould({ part }: { readonly part: Part }) {
  const set = usePartEdit(part);
  const facts = useTold('repeats.mould', part.id);
  const oversize = useFigure(part.id, 'mould.oversize')?.quantity;
  const choice = part.mould;
  return (
    <Section
      id="mould"
      title="Mould"
      says={`Mould of ${part.name}`}
      edits={['parts.*.mould']}
      className="max-w-5xl"
    >
      {choice === null ? (
        <button
          type="button"
          className="press-quiet text-fired"
          onClick={() => set('mould', { ...DEFAULT_MOULD, runs: Math.max(1, part.count) }, 'mould')}
        >
          + A mould of {part.name}
        </button>
      ) : (
        <>
          <Fields part={part} choice={choice} />
          {facts && (
            <>
              <Portions facts={facts} />
              <Pull part={part} choice={choice} />
              <DraftView part={part} choice={choice} />
              <p className="mt-2">
                <span className="heading">Make the master larger</span>{' '}
                <span className="figure">× {oversize?.value.toFixed(3)}</span>
                <span className="text-quiet">
                  :{' '}
                  {facts.chain.steps
                    .map(({ says, percent }) => `${says} ${percent < 0 ? '+' : '−'}${Math.abs(percent)} %`)
                    .join(', ')}
                  ; what comes out is {(100 / (oversize?.high ?? 1)).toFixed(1)} to{' '}
                  {(100 / (oversize?.low ?? 1)).toFixed(1)} % of it. Print it or save it enlarged at Size.
                </span>
              </p>
              <CastMeasure key={part.id} part={part} measured={facts.measured} />
              <p className="mt-2">
                <span className="heading">Between them</span>{' '}
                <span className={facts.release.level === 'good' ? '' : 'text-wont'}>
                  {facts.release.says}
                </span>
              </p>
              <p className="mt-2 text-quiet">
                One mould bears about {facts.life} casts
                {choice.casts === 'clay' && choice.of !== 'foil' ? '; ' : '.'}
                {choice.casts === 'clay' && choice.of !== 'foil' && (
                  <>
                    <span className={choice.bakedIn && !facts.cure.isEnough ? 'text-tight' : ''}>
                      {facts.cure.says}.
                    </span>{' '}
                    The mould slows the heat{choice.bakedIn ? ': its minutes at Bake count that in' : ''}.
                  </>
                )}
              </p>
              <PrintMouldCard part={part} />
              {(choice.of === 'putty' || choice.of === 'rubber') && (
                <MixStart what={`${part.name} mould`} placesMin={facts.placesMin} setsMin={facts.setsMin} />
              )}
            </>
          )}
        </>
      )}
    </Section>
  );
}
