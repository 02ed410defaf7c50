import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { dirname, join, normalize, relative } from 'node:path';
import { fileURLToPath } from 'node:url';

/** A floor of the house: its rooms know those on floors below it, and one another. */
interface Layer {
  readonly name: string;
  readonly rooms: readonly string[];
}

const ROOT = fileURLToPath(new URL('..', import.meta.url));

/** Folders that declare a subject stand on the floor of subjects by themselves. */
const SUBJECT_ROOMS = readdirSync(join(ROOT, 'core/src')).filter(
  (room) => existsSync(join(ROOT, 'core/src', room, 'subject.ts')) && room !== 'context',
);

/**
 * What a subject declares for floors below its own, in folders of these names within its folder: its rows of the handbook, and
 * what of it is saved with a piece. Each is a room by itself.
 */
const DECLARED = ['rows', 'record'] as const;

function declaredRooms(name: (typeof DECLARED)[number]): string[] {
  return readdirSync(join(ROOT, 'core/src'))
    .filter((room) => existsSync(join(ROOT, 'core/src', room, name)))
    .map((room) => `${room}/${name}`);
}

/** The floors of each workspace, the lowest first; a room is a folder, or a file that stands alone. */
export const LAYERS: Readonly<Record<string, readonly Layer[]>> = {
  'core/src': [
    { name: 'units', rooms: ['units', 'sources'] },
    { name: 'rows of subjects', rooms: declaredRooms('rows') },
    { name: 'handbook', rooms: ['handbook', 'colour'] },
    { name: 'figures and scales', rooms: ['reckoning', 'scale'] },
    { name: 'solids', rooms: ['solid'] },
    { name: 'forms', rooms: ['form'] },
    { name: 'drawings', rooms: ['drawing'] },
    { name: 'records', rooms: ['record'] },
    { name: 'records of subjects', rooms: declaredRooms('record') },
    { name: 'the document', rooms: ['piece', 'demo', 'described'] },
    { name: 'context', rooms: ['context'] },
    { name: 'subjects', rooms: SUBJECT_ROOMS },
    { name: 'spine', rooms: ['spine'] },
  ],
  'web/src': [
    { name: 'state', rooms: ['state'] },
    { name: 'storage, threads', rooms: ['storage', 'workers', 'spine', 'instruments'] },
    { name: 'parts', rooms: ['parts'] },
    { name: 'lenses', rooms: ['lenses'] },
    { name: 'shell', rooms: ['shell'] },
    { name: 'rooms', rooms: ['shelf', 'handbook', 'workshop', 'instrumentsPage'] },
    { name: 'routes', rooms: ['routes.tsx', 'main.tsx'] },
  ],
};

/** An import that runs the wrong way, or a ring of them. */
export interface LayerFault {
  readonly kind: 'upward' | 'ring' | 'between-lenses' | 'no-layer' | 'workspace';
  readonly says: string;
}

function sources(folder: string): string[] {
  return readdirSync(join(ROOT, folder), { withFileTypes: true, recursive: true })
    .filter((one) => one.isFile() && /\.tsx?$/.test(one.name) && !/\.(test|tmp)\.tsx?$/.test(one.name))
    .map((one) => relative(ROOT, join(one.parentPath, one.name)))
    .filter((file) => !/\/testContext|\/testing\//.test(file));
}

/** Every import of a file, types included, as a path in the repository or the name of a workspace. */
export function importsOf(file: string, text: string): string[] {
  const named = [...text.matchAll(/(?:from|import)\s*\(?\s*'([^']+)'/g)].map((match) => match[1] ?? '');
  return named.flatMap((one) => {
    if (one.startsWith('.')) return [normalize(join(dirname(file), one))];
    return one.startsWith('@every-inch/') ? [one] : [];
  });
}

function roomOf(folder: string, file: string): string {
  const [room = '', within = ''] = relative(folder, file).split('/');
  return DECLARED.some((name) => name === within) ? `${room}/${within}` : room;
}

/** What a workspace may import of the others. */
const MAY_IMPORT: Readonly<Record<string, readonly string[]>> = {
  core: [],
  web: ['core'],
  server: ['core'],
  cli: ['core'],
};

/** Rings of imports: every set of files that lead to one another. */
export function ringsOf(graph: ReadonlyMap<string, readonly string[]>): string[][] {
  const index = new Map<string, number>();
  const low = new Map<string, number>();
  const stack: string[] = [];
  const rings: string[][] = [];
  const visit = (file: string): void => {
    index.set(file, index.size);
    low.set(file, index.get(file) ?? 0);
    stack.push(file);
    for (const next of graph.get(file) ?? []) {
      if (!graph.has(next)) continue;
      if (!index.has(next)) {
        visit(next);
        low.set(file, Math.min(low.get(file) ?? 0, low.get(next) ?? 0));
      } else if (stack.includes(next)) low.set(file, Math.min(low.get(file) ?? 0, index.get(next) ?? 0));
    }
    if (low.get(file) !== index.get(file)) return;
    const ring = stack.splice(stack.indexOf(file));
    if (ring.length > 1) rings.push(ring);
  };
  for (const file of graph.keys()) if (!index.has(file)) visit(file);
  return rings;
}

/** Rooms of a workspace that import one another, with how often. */
function arrows(folder: string): Map<string, Map<string, number>> {
  const found = new Map<string, Map<string, number>>();
  for (const file of sources(folder)) {
    const from = roomOf(folder, file);
    for (const to of importsOf(file, readFileSync(join(ROOT, file), 'utf8'))) {
      if (!to.startsWith(`${folder}/`)) continue;
      const room = roomOf(folder, to);
      if (room === from) continue;
      const of = found.get(from) ?? new Map<string, number>();
      found.set(from, of.set(room, (of.get(room) ?? 0) + 1));
    }
  }
  return found;
}

/** Everything that stands or leads the wrong way, types included. */
export function layerFaults(): LayerFault[] {
  const faults: LayerFault[] = [];
  for (const [folder, layers] of Object.entries(LAYERS)) {
    const floor = new Map(layers.flatMap(({ rooms }, i) => rooms.map((room) => [room, i] as const)));
    const graph = new Map<string, string[]>();
    const workspace = folder.split('/')[0] ?? '';
    for (const file of sources(folder)) {
      const from = roomOf(folder, file);
      const imports = importsOf(file, readFileSync(join(ROOT, file), 'utf8'));
      graph.set(file, imports);
      if (!floor.has(from)) faults.push({ kind: 'no-layer', says: `${file}: “${from}” stands on no floor` });
      for (const to of imports) {
        const other = /^@every-inch\/(\w+)/.exec(to)?.[1];
        if (other && other !== workspace && !MAY_IMPORT[workspace]?.includes(other))
          faults.push({ kind: 'workspace', says: `${file} → ${to}` });
        if (!to.startsWith(`${folder}/`)) continue;
        const room = roomOf(folder, to);
        if ((floor.get(room) ?? 0) > (floor.get(from) ?? 0))
          faults.push({ kind: 'upward', says: `${file} → ${to}` });
        const [lens, otherLens] = [file, to].map((one) => /^web\/src\/lenses\/(\w+)\//.exec(one)?.[1]);
        if (lens && otherLens && lens !== otherLens)
          faults.push({ kind: 'between-lenses', says: `${file} → ${to}` });
      }
    }
    for (const ring of ringsOf(graph)) faults.push({ kind: 'ring', says: ring.join(' → ') });
  }
  return faults;
}

/** Names of rooms in one line: those that lie within other rooms are drawn together, such as `record of bake log`. */
function inOneLine(rooms: readonly string[]): string {
  const whole = rooms.filter((room) => !room.includes('/'));
  const within = DECLARED.flatMap((name) => {
    const of = rooms.filter((room) => room.endsWith(`/${name}`)).map((room) => room.split('/')[0]);
    return of.length === 0 ? [] : [`${name} of ${of.join(' ')}`];
  });
  return [whole.join(' '), ...within].filter((one) => one !== '').join('; ');
}

/** The floors as a drawing in characters, the highest first, with what each room imports of the floors below. */
export function layersPicture(folder: string): string {
  const layers = LAYERS[folder] ?? [];
  const found = arrows(folder);
  const wide = Math.max(...layers.map(({ name }) => name.length));
  return [...layers]
    .reverse()
    .map(({ name, rooms }) => {
      const below = new Set(rooms.flatMap((room) => [...(found.get(room)?.keys() ?? [])]));
      for (const room of rooms) below.delete(room);
      const names = inOneLine([...below].sort());
      return `${name.padEnd(wide)} │ ${inOneLine(rooms)}${names === '' ? '' : `\n${' '.repeat(wide)} │   ↓ ${names}`}`;
    })
    .join(`\n${'─'.repeat(wide + 1)}┼${'─'.repeat(70)}\n`);
}

const isProgram = process.argv[1] !== undefined && fileURLToPath(import.meta.url) === process.argv[1];
if (isProgram) {
  const faults = layerFaults();
  for (const { kind, says } of faults) console.error(`${kind}: ${says}`);
  if (process.argv.includes('--draw'))
    for (const folder of Object.keys(LAYERS)) console.log(`${folder}\n\n${layersPicture(folder)}\n`);
  console.log(
    `${faults.length === 0 ? 'every arrow runs down' : `${faults.length} arrows run the wrong way`}`,
  );
  process.exit(faults.length === 0 ? 0 : 1);
}
