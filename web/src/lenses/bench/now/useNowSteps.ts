import { stepHint } from '@every-inch/core/bench';
import type { RouteStep } from '@every-inch/core/piece';
import { MOST_MIXES } from '@every-inch/core/repeats';
import { changeStep, followed } from '@every-inch/core/route';
import { type CanDo, canDo, type Moment, sittingMin, stepEnded } from '@every-inch/core/schedule';
import { useMemo, useState } from 'react';
import { toast } from 'sonner';
import { useAllFacts, useFind, usePlan, useRouteFacts, useScheduleFacts } from '../../../spine/hooks.ts';
import { edit, store, useAppDispatch, useAppSelector, useOfPiece } from '../../../state/store.ts';
import { workshopChanged } from '../../../state/workshopSlice.ts';

/** A step to be done now, with all that is said of it. */
export interface NowStep extends CanDo {
  readonly route: RouteStep;
  readonly hint: string;
  readonly reckonedMin: number;
}

/** Minutes that “more time” gives. */
const MORE_MIN = 10;

/** What can be done now, the one that is shown, and what becomes of it. */
export function useNowSteps() {
  const dispatch = useAppDispatch();
  const facts = useScheduleFacts();
  const { route, proposed, times, shares } = useRouteFacts();
  const [find, contexts, bakes] = [useFind(), useAllFacts(), usePlan()];
  const pieceId = useOfPiece((piece) => piece.id);
  const sitting = useAppSelector(({ workshop: { sitting: one } }) => (one?.pieceId === pieceId ? one : null));
  const [moment, setMoment] = useState<Moment>({ minutes: null, hands: 'any' });
  const [passed, setPassed] = useState<readonly string[]>([]);
  const open = useMemo(() => route.steps.filter(({ done }) => done === null).map(({ id }) => id), [route]);
  const found = useMemo(() => {
    if (!facts) return [];
    // What has just been ticked is gone at once, whatever is still being reckoned.
    const left = facts.steps.filter(({ id }) => open.includes(id));
    return canDo(left, route.steps, facts.now, moment);
  }, [facts, open, route, moment]);
  const order = [...found].sort(
    (a, b) => Number(passed.includes(a.step.id)) - Number(passed.includes(b.step.id)),
  );
  const begun = sitting && order.find(({ step }) => step.id === sitting.step);
  const one = begun ?? order[0];
  const own = one && route.steps.find(({ id }) => id === one.step.id);
  const now: NowStep | null =
    one && own
      ? {
          ...one,
          route: own,
          hint: stepHint(own, { find, contexts, bakes: bakes ?? [], shares }),
          reckonedMin: times.get(own.id)?.reckonedMin ?? one.step.handsMin,
        }
      : null;
  const rest = order.filter((other) => other !== one);

  const routeNow = () => {
    const mine = store.getState().document.piece?.route;
    return mine ? followed(mine, proposed) : proposed;
  };
  const end = (outcome: 'done' | 'wrong', note = '') => {
    if (!now) return;
    const tookMin = sitting?.step === now.route.id ? sittingMin(sitting, Date.now()) : null;
    const ended = {
      step: now.route.id,
      outcome,
      tookMin,
      reckonedMin: now.reckonedMin,
      note,
      now: new Date().toISOString(),
    };
    dispatch(
      edit(`${now.route.title} ${outcome === 'done' ? 'is done' : 'went wrong'}`, (piece) =>
        stepEnded(piece, routeNow(), ended),
      ),
    );
    if (sitting) dispatch(workshopChanged({ sitting: null }));
    const waitMin = now.step.done - now.step.waitFrom;
    // What goes into the oven has its own clock, started at Bake with the heat there is.
    if (outcome === 'done' && waitMin >= 1 && now.step.holds !== 'oven')
      dispatch(
        workshopChanged({
          mixes: [
            ...store.getState().workshop.mixes,
            {
              id: `dry-${now.route.id}-${Date.now()}`,
              pieceId,
              kind: 'dry' as const,
              what: now.route.title,
              placesMin: 0,
              setsMin: waitMin,
              startedAt: new Date().toISOString(),
              speed: 1,
            },
          ].slice(-MOST_MIXES),
        }),
      );
    if (outcome === 'wrong') {
      setPassed((before) => [...before.filter((id) => id !== now.route.id), now.route.id]);
      toast('Written in the log. What can be done about it stands under “When it goes wrong”.');
    }
  };
  return {
    facts,
    now,
    rest,
    moment,
    setMoment,
    sitting,
    begin: () => {
      if (now)
        dispatch(
          workshopChanged({
            sitting: { pieceId, step: now.route.id, startedAt: new Date().toISOString() },
          }),
        );
    },
    done: () => end('done'),
    wrong: () => end('wrong'),
    notNow: () => {
      if (!now) return;
      setPassed((before) => [...before.filter((id) => id !== now.route.id), now.route.id]);
      if (sitting) dispatch(workshopChanged({ sitting: null }));
    },
    more: () => {
      if (!now) return;
      const minutes = Math.round(now.step.handsMin + MORE_MIN);
      dispatch(
        edit(`${MORE_MIN} min more for ${now.route.title}`, (piece) => ({
          ...piece,
          route: changeStep(routeNow(), now.route.id, { handsMin: minutes }),
        })),
      );
    },
    choose: (id: string) => {
      setPassed(order.map(({ step }) => step.id).filter((other) => other !== id));
      if (sitting && sitting.step !== id) dispatch(workshopChanged({ sitting: null }));
    },
  };
}

export type NowSteps = ReturnType<typeof useNowSteps>;
