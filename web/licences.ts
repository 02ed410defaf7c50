import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import license from 'rollup-plugin-license';
import type { Plugin } from 'vite';

/** A package that ships with the application, and the terms it comes under. */
interface Notice {
  readonly name: string;
  readonly version: string;
  readonly licence: string;
  readonly text: string;
}

const MODULES = fileURLToPath(new URL('../node_modules/', import.meta.url));
/** Packages that ship without a module of theirs in a chunk: styles, fonts, what the service worker is made of. */
const WITHOUT_MODULES = [
  'workbox-core',
  'workbox-precaching',
  'workbox-routing',
  'workbox-strategies',
  '@fontsource-variable/instrument-sans',
  '@fontsource/commit-mono',
  'tailwindcss',
];
const OUT = fileURLToPath(new URL('dist/licences.txt', import.meta.url));

const found = new Map<string, Notice>();

function ofPackage(name: string): Notice {
  const folder = `${MODULES}${name}/`;
  const { version, license: licence } = JSON.parse(readFileSync(`${folder}package.json`, 'utf8'));
  const file = readdirSync(folder).find((one) => /^licen[cs]e/i.test(one));
  return { name, version, licence, text: file ? readFileSync(folder + file, 'utf8') : '' };
}

/** Takes note of every package of which a module is in a chunk; for the page and for each worker. */
export function collectLicences(): Plugin {
  return license({
    thirdParty: (packages) => {
      for (const { name, version, license: licence, licenseText } of packages)
        if (name)
          found.set(name, { name, version: version ?? '', licence: licence ?? '', text: licenseText ?? '' });
    },
  }) as unknown as Plugin;
}

function page(notices: readonly Notice[]): string {
  const head = 'Every Inch ships with the work of others, under these terms.\n';
  const each = notices.map(
    ({ name, version, licence, text }) =>
      `${'─'.repeat(72)}\n${name} ${version}\n${licence}\n\n${text.trim() || `The package brings no text of its terms; they are those of ${licence}.`}\n`,
  );
  return [head, ...each].join('\n');
}

/** Writes the notices of all that ships beside the built application. */
export function writeLicences(): Plugin {
  return {
    name: 'write-licences',
    apply: 'build',
    closeBundle() {
      if (!existsSync(fileURLToPath(new URL('dist', import.meta.url)))) return;
      for (const name of WITHOUT_MODULES) found.set(name, ofPackage(name));
      const notices = [...found.values()].sort((a, b) => (a.name < b.name ? -1 : 1));
      writeFileSync(OUT, page(notices));
    },
  };
}
