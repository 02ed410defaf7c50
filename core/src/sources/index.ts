export { practice, published, type Row, remembered, type Standing, type Unit } from './row.ts';
