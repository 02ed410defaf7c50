import { writeFileSync } from 'node:fs';
import { pieceSchema } from './pieceSchema.ts';
import { reckoningsPage } from './reckoningsPage.ts';

writeFileSync('docs/piece.schema.json', `${JSON.stringify(pieceSchema(), null, 2)}\n`);
writeFileSync('docs/reckonings.md', reckoningsPage());
