import { ovenFor } from '../bake/heat/index.ts';
import { foilToTear } from '../bulk/index.ts';
import type { Figures, PartFacts } from '../context/index.ts';
import { CORES } from '../handbook/index.ts';
import type { RouteStep } from '../piece/index.ts';
import { formatQuantity, type ShownFigure, sourced } from '../reckoning/index.ts';

/** What the hints are taken from. */
export interface HintGround extends Figures<ShownFigure> {
  readonly contexts: ReadonlyMap<string, PartFacts>;
}

/** What goes into a step, from the figures: foil to tear off, clay to condition, dial and minutes. Empty where nothing is to be said. */
export function stepHint(step: RouteStep, { find: figure, contexts }: HintGround): string {
  const [part = ''] = step.parts;
  const context = contexts.get(part);
  const find = (key: string): ShownFigure | undefined => figure(part, key);
  const each = !context || context.part.count === 1 ? '' : ` × ${context.part.count}`;
  switch (step.kind) {
    case 'core': {
      const foil = find('bulk.foil');
      if (foil) {
        const width = sourced('foil.width', context?.own ?? {}).value;
        return `tear off ${foilToTear(foil.quantity.value * 1000, width)}${each}, ball it in one go`;
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
      const regions = step.regions.length > 0 ? ' for all of it' : '';
      return `condition ${formatQuantity(clay.quantity)}${regions}${rolled}`;
    }
    case 'detail':
      return 'hold it against the drawing, measure';
    case 'bake': {
      const own = context?.own ?? {};
      const inIt = step.parts.length > 0 ? step.parts : [...contexts.keys()];
      const oven = ovenFor(context?.piece.oven ?? { dialC: null }, inIt, figure, own);
      if (!oven) return '';
      const set = `dial ${formatQuantity({ value: oven.dialC, unit: '°C' })}`;
      if (step.way === 'ahead') return `${set}, a few minutes: thin things are done, and burn, first`;
      const longest = Math.max(0, ...inIt.map((id) => figure(id, 'bake.hold')?.quantity.value ?? 0));
      const each = figure(null, 'bake.set')?.quantity.value ?? longest;
      const minutes = formatQuantity({ value: step.way === 'set' ? each : longest, unit: 'min' });
      // A set bake is short either way: from putting it in.
      return step.way === 'set' ? `${set}, ${minutes}` : `${set}, ${minutes} at that heat`;
    }
    case 'cool':
      return 'door ajar; handle and seal at room temperature';
    default:
      return '';
  }
}
