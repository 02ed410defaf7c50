import type { RunningBake } from '@every-inch/core/bake';
import { useState } from 'react';
import { toast } from 'sonner';
import { askOven } from '../../instruments/oven.ts';
import { Choice } from '../../parts/Choice.tsx';
import { useAppDispatch, useAppSelector, useOpenPiece } from '../../state/store.ts';
import { workshopChanged } from '../../state/workshopSlice.ts';

const SPEEDS = [
  { value: '1', says: 'as it is' },
  { value: '30', says: '30 times as fast' },
  { value: '120', says: '120 times as fast' },
] as const;

interface StartProps {
  readonly what: string;
  readonly part: string | null;
  readonly dialC: number;
  readonly holdMin: number;
  readonly coolMin: number;
  readonly thicknessMm: number | null;
  /** Until its coldest clay is at its heat. */
  readonly warmMin: number | null;
  /** Regions that have their clay in this bake; null for all. */
  readonly regions: readonly string[] | null;
  /** What comes out before the others. */
  readonly early?: RunningBake['early'];
  /** Whether it is held until it is cured, and not for minutes that were set. */
  readonly tillCured: boolean;
  /** Whether the oven is hot when it goes in. */
  readonly preheated: boolean;
}

/** Starts the clock of a bake, unless one is running; with the bench’s simulated oven where that is on hand. */
export function StartBake({ preheated, tillCured, early = [], ...props }: StartProps) {
  const dispatch = useAppDispatch();
  const piece = useOpenPiece();
  const running = useAppSelector((state) => state.workshop.bake);
  const hasBench = useAppSelector((state) => state.session.instruments);
  const [follows, setFollows] = useState(false);
  const [speed, setSpeed] = useState<(typeof SPEEDS)[number]['value']>('1');
  if (running) return null;
  const isSimulated = hasBench && follows;
  const start = async () => {
    if ('Notification' in window && Notification.permission === 'default')
      void Notification.requestPermission();
    const times = isSimulated ? Number(speed) : 1;
    if (isSimulated) {
      try {
        await askOven({
          on: true,
          dialC: Math.min(250, Math.max(40, props.dialC)),
          speed: times,
          preheat: preheated,
          door: true,
        });
      } catch (error) {
        toast.error(
          `The bench’s oven does not answer: ${error instanceof Error ? error.message : ''} The clock starts without it.`,
        );
      }
    }
    const bake: RunningBake = {
      ...props,
      pieceId: piece.id,
      pieceName: piece.name,
      speed: times,
      followsProbe: isSimulated,
      endFollows: isSimulated && tillCured,
      probe: null,
      early: [...early].sort((a, b) => a.minute - b.minute),
      startedAt: new Date().toISOString(),
      outAt: null,
    };
    dispatch(workshopChanged({ bake }));
  };
  return (
    <div className="flex flex-wrap items-end gap-x-4 gap-y-2">
      <button type="button" className="press" onClick={() => void start()}>
        It is in: start the clock, {Math.round(props.holdMin)} min
      </button>
      {hasBench && (
        <label className="flex min-h-8 items-center gap-1 text-[13px]">
          <input
            type="checkbox"
            checked={follows}
            onChange={(event) => setFollows(event.currentTarget.checked)}
          />
          with the bench’s simulated oven and its probe
        </label>
      )}
      {isSimulated && <Choice label="Its time goes" value={speed} options={SPEEDS} onChoose={setSpeed} />}
    </div>
  );
}
