import { DEFAULT_REGION, type RegionChoice } from '../piece/index.ts';

/** Regions that makers speak of together. */
export interface RegionGroup {
  readonly name: string;
  readonly regions: readonly string[];
}

const GROUPS: readonly { readonly name: string; readonly has: RegExp }[] = [
  { name: 'head', has: /\b(head|face|ears?|nose|snout|muzzle|beak|eyes?|hair|horns?|jaw)\b/ },
  { name: 'body', has: /\b(trunk|torso|body|chest|waist|hips|neck|skirt|barrel)\b/ },
  { name: 'tail', has: /\btail\b/ },
  { name: 'arms', has: /\b(arm|upper arm|forearm|hand)\b/ },
  { name: 'legs', has: /\b(leg|thigh|shank|shin|calf|foot|foreleg|cannon|hock|shoulder.*leg)\b/ },
  { name: 'front legs', has: /\b(foreleg|fore cannon|fore foot)\b/ },
  { name: 'hind legs', has: /\b(thigh|shank|hind cannon|hind foot)\b/ },
  { name: 'wings', has: /\bwings?\b/ },
  { name: 'left side', has: /^left\b/ },
  { name: 'right side', has: /^right\b/ },
];

/** Groups of the regions of a part that are some of them, not all, each once, and all of them together at the end. */
export function regionGroups(names: readonly string[]): RegionGroup[] {
  const all = [...new Set(names)];
  const seen = new Set<string>();
  const some = GROUPS.flatMap(({ name, has }): RegionGroup[] => {
    const regions = all.filter((one) => has.test(one));
    const key = regions.join('|');
    if (regions.length < 2 || regions.length === all.length || seen.has(key)) return [];
    seen.add(key);
    return [{ name, regions }];
  });
  return [...some, { name: 'all of it', regions: all }];
}

/** The same region on the other side; null where a region has none. */
export function otherSide(region: string): string | null {
  const [side, ...rest] = region.split(' ');
  if (rest.length === 0) return null;
  if (side === 'left') return ['right', ...rest].join(' ');
  return side === 'right' ? ['left', ...rest].join(' ') : null;
}

/** Whether nothing of a region is settled any more: it is not kept. */
function isPlain({ cored, skinMm, mix, pass, zones }: RegionChoice): boolean {
  return cored && skinMm === null && mix.length === 0 && pass === 1 && zones.length === 0;
}

/** What is settled about the regions of a part, changed for some of them at once. */
export function regionsWith(
  settled: readonly RegionChoice[],
  names: readonly string[],
  change: Partial<Omit<RegionChoice, 'region'>>,
): RegionChoice[] {
  const those = new Set(names);
  const kept = settled.map((one) => (those.has(one.region) ? { ...one, ...change } : one));
  const fresh = [...those].filter((name) => !settled.some(({ region }) => region === name));
  return [...kept, ...fresh.map((region) => ({ ...DEFAULT_REGION, region, ...change }))].filter(
    (one) => !isPlain(one),
  );
}
