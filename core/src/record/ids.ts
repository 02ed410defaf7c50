declare const idBrand: unique symbol;
type Id<Name extends string> = string & { readonly [idBrand]: Name };

export type PieceId = Id<'piece'>;
export type PartId = Id<'part'>;
export type ClayId = Id<'clay'>;
export type EntryId = Id<'entry'>;
export type PictureId = Id<'picture'>;

/** Letters, digits, dash and underscore: safe in paths, file names and web addresses. */
export const ID_PATTERN = /^[A-Za-z0-9_-]{1,64}$/;

/** An id made from a readable name and a short random tail, such as `storm-lantern-k3f9`. */
export function newId<T extends string>(name: string, random: () => number = Math.random): T {
  const stem = name
    .normalize('NFKD')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 40);
  const tail = Math.floor(random() * 36 ** 5)
    .toString(36)
    .padStart(5, '0');
  return (stem === '' ? tail : `${stem}-${tail}`) as T;
}
