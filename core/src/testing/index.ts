export { attack, attackProbe, attackText } from './attackPiece.ts';
export { bomb } from './bombs.ts';
export { mutated, mutatedText } from './mutations.ts';
export { oneOf, seeded } from './random.ts';
