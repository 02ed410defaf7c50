export { moved, scaledOutline } from './compose.ts';
export { CHECK_RULE_MM, checkRule, dimension } from './dimension.ts';
export { drawOnPage } from './pdf.ts';
export { qrCode } from './qrCode.ts';
export { CAP_HEIGHT, pathData, toSvg, WEIGHT_MM } from './svg.ts';
export { MARGIN_MM, OVERLAP_MM, PAPERS, type Paper, type Tile, TilingError, tile } from './tile.ts';
export type * from './types.ts';
