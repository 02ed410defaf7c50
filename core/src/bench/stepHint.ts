import type { PlannedBake } from '../bake/plan/index.ts';
import { foilToTear } from '../bulk/index.ts';
import type { Figures, PartFacts } from '../context/index.ts';
import { CORES } from '../handbook/index.ts';
import type { RouteStep } from '../piece/index.ts';
import { formatQuantity, type ShownFigure, sourced } from '../reckoning/index.ts';

/** What the hints are taken from. */
export interface HintGround extends Figures<ShownFigure> {
  readonly contexts: ReadonlyMap<string, PartFacts>;
  readonly bakes: readonly PlannedBake[];
  /** Of the clay of its part, the share that a step of some regions lays. */
  readonly shares: ReadonlyMap<string, number>;
}

/** What goes into a step, from the figures: foil to tear off, clay to condition, dial and minutes. Empty where nothing is to be said. */
export function stepHint(step: RouteStep, { find: figure, contexts, bakes, shares }: HintGround): string {
  const [part = ''] = step.parts;
  const context = contexts.get(part);
  const find = (key: string): ShownFigure | undefined => figure(part, key);
  const each = !context || context.part.count === 1 ? '' : ` × ${context.part.count}`;
  switch (step.kind) {
    case 'core': {
      const foil = find('bulk.foil');
      if (foil) {
        const width = sourced('foil.width', context?.own ?? {}).value;
        const torn = foilToTear(foil.quantity.value * 1000, width);
        // What is too much for one ball is said with its ways out at Bulk.
        return foil.verdict && foil.verdict.level !== 'good'
          ? `${torn} of foil${each}: better round wood or card, see Bulk`
          : `tear off ${torn}${each}, ball it in one go`;
      }
      const other = CORES.flatMap(({ id, title }) => {
        const stuff = find(`bulk.${id}`);
        return stuff ? [`${formatQuantity(stuff.quantity)} of ${title}${each}, dry before clay goes on`] : [];
      });
      return other.join('; ');
    }
    case 'small': {
      const own = context?.own ?? {};
      const more = sourced('route.spares', own).value;
      const lots = (context?.part.features ?? [])
        .filter(({ ahead }) => ahead)
        .map(
          ({ name, wanted }) =>
            `${Math.ceil(wanted * (context?.part.count ?? 1) * (1 + more / 100))} ${name}`,
        );
      return `${lots.join(', ')}: ${more.toFixed(0)} % more than needed, to choose from`;
    }
    case 'skin': {
      const [clay, skin] = [find('bulk.clay'), find('bulk.skin')];
      if (!clay) return '';
      const rolled = skin ? `, roll ${formatQuantity(skin.quantity)} for the skin` : '';
      const { value, unit } = clay.quantity;
      const share = shares.get(step.id);
      const taken = share === undefined ? clay.quantity : { value: value * share, unit };
      return `condition ${formatQuantity(taken)}${rolled}`;
    }
    case 'detail':
      return 'hold it against the drawing, measure';
    case 'bake': {
      const loads = bakes.find((one) => one.step === step.id)?.loads ?? [];
      const says = loads.map(
        ({ dialC, minutes }) =>
          `dial ${formatQuantity({ value: dialC, unit: '°C' })}, ${formatQuantity({ value: minutes, unit: 'min' })} from door shut to door open`,
      );
      if (step.way === 'ahead') return 'a few minutes: thin things are done, and burn, first';
      return says.length > 1 ? says.map((one, i) => `load ${i + 1}: ${one}`).join('; ') : (says[0] ?? '');
    }
    case 'cool':
      return 'door ajar; handle and seal at room temperature';
    default:
      return '';
  }
}
