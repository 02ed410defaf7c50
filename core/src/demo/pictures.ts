import { DEFAULT_REFERENCE, type PartId, type PictureId, type Reference } from '../piece/index.ts';

/** A picture that ships with the application. */
export interface DemoPicture {
  readonly id: PictureId;
  readonly type: Reference['type'];
  /** Its name in the folder of demo files. */
  readonly file: string;
}

const POST = {
  id: 'demo-post-by-the-wall' as PictureId,
  type: 'image/jpeg',
  file: 'post-by-the-wall.jpg',
} as const;

/** Pictures of the demo pieces. */
export const DEMO_PICTURES: readonly DemoPicture[] = [POST];

/** The mooring post before a wall, in a frame of 1200 by 1000 mm, taken from the side. */
export const POST_PICTURE: Reference = {
  ...DEFAULT_REFERENCE,
  id: POST.id,
  type: POST.type,
  widthPx: 1800,
  heightPx: 1350,
  caption: 'The mooring post before the boat shed, with crosses 1.2 m apart and 1 m up',
  source: 'drawn for this piece',
  part: 'post' as PartId,
  square: {
    spots: [
      { x: 407, y: 1154 },
      { x: 1505, y: 1177 },
      { x: 1463, y: 128 },
      { x: 435, y: 289 },
    ],
    widthMm: 1200,
    heightMm: 1000,
  },
  takings: [
    {
      id: 'post-height',
      kind: 'height',
      name: 'Post, foot to top',
      spots: [
        { x: 1011, y: 1167 },
        { x: 1004, y: 291 },
      ],
    },
    {
      id: 'post-head',
      kind: 'length',
      name: 'Its head, across',
      spots: [
        { x: 896, y: 489 },
        { x: 1121, y: 465 },
      ],
    },
  ],
};
