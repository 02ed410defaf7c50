import type { Form } from '../form/index.ts';
import { DEFAULT_FEATURE, type Feature } from '../piece/index.ts';

type Usual = readonly [name: string, wanted: number, how?: Partial<Pick<Feature, 'ahead' | 'facial'>>];

function counted(...list: readonly Usual[]): Feature[] {
  return list.map(([name, wanted, how]) => ({ ...DEFAULT_FEATURE, name, wanted, ...how }));
}

/** Eyes are baked ahead, so that they keep their round when the face is pressed about them (common practice). */
const EYES: Usual = ['eyes', 2, { ahead: true, facial: true }];

/** Toes of a foot, by build (common knowledge of the animals). */
const HOOFED = ['hog', 'sheep', 'horse', 'deer'];

/** What one counts on a thing of a form before it is closed: a list to begin with. */
export function usualFeatures(form: Form): Feature[] {
  switch (form.kind) {
    case 'person':
      return counted(EYES, ['ears', 2], ['fingers and thumbs', 10], ['toes, where bare', 10]);
    case 'beast':
      return counted(
        EYES,
        ['ears', 2],
        ['nostrils', 2],
        ['legs', 4],
        HOOFED.includes(form.proportions) ? ['hooves', 4, { ahead: true }] : ['paws', 4],
      );
    case 'bird':
      return counted(EYES, ['wings', 2], ['toes', 8]);
    case 'crawler':
      return counted(
        ['body sections', form.sections],
        ['legs', 2 * form.legPairs],
        ['leg segments', 2 * form.legPairs * form.legSegments],
        ...(form.feelersMm > 0 ? ([['feelers', 2]] as const) : []),
        EYES,
      ).filter(({ wanted }) => wanted > 0);
    case 'round':
      return counted(EYES, ['arms', 2], ['legs', 2]);
    case 'panels':
      return form.openings.length > 0 ? counted(['openings', form.openings.length]) : [];
    default:
      return [];
  }
}
