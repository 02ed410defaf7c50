import { readFileSync, writeFileSync } from 'node:fs';
import { withPictures } from './architecturePage.ts';
import { pieceSchema } from './pieceSchema.ts';
import { reckoningsPage } from './reckoningsPage.ts';

writeFileSync('docs/piece.schema.json', `${JSON.stringify(pieceSchema(), null, 2)}\n`);
writeFileSync('docs/reckonings.md', reckoningsPage());
const architecture = 'docs/architecture.md';
writeFileSync(architecture, withPictures(readFileSync(architecture, 'utf8')));
