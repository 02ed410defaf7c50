import type { Form } from '../form/index.ts';
import type { Feature } from '../piece/index.ts';

function counted(...list: readonly (readonly [name: string, wanted: number])[]): Feature[] {
  return list.map(([name, wanted]) => ({ name, wanted, made: 0 }));
}

/** Toes of a foot, by build (common knowledge of the animals). */
const HOOFED = ['hog', 'sheep', 'horse', 'deer'];

/** What one counts on a thing of a form before it is closed: a list to begin with. */
export function usualFeatures(form: Form): Feature[] {
  switch (form.kind) {
    case 'person':
      return counted(['eyes', 2], ['ears', 2], ['fingers and thumbs', 10], ['toes, where bare', 10]);
    case 'beast':
      return counted(
        ['eyes', 2],
        ['ears', 2],
        ['nostrils', 2],
        ['legs', 4],
        HOOFED.includes(form.proportions) ? ['hooves', 4] : ['paws', 4],
      );
    case 'bird':
      return counted(['eyes', 2], ['wings', 2], ['toes', 8]);
    case 'crawler':
      return counted(
        ['body sections', form.sections],
        ['legs', 2 * form.legPairs],
        ['leg segments', 2 * form.legPairs * form.legSegments],
        ...(form.feelersMm > 0 ? ([['feelers', 2]] as const) : []),
        ['eyes', 2],
      ).filter(({ wanted }) => wanted > 0);
    case 'round':
      return counted(['eyes', 2], ['arms', 2], ['legs', 2]);
    case 'panels':
      return form.openings.length > 0 ? counted(['openings', form.openings.length]) : [];
    default:
      return [];
  }
}
