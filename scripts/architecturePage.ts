import { LAYERS, layersPicture } from './layers.ts';

/** The page with the pictures of its layers drawn anew from the code, each between its two marks. */
export function withPictures(page: string): string {
  return Object.keys(LAYERS).reduce((text, folder) => {
    const [start, end] = [`<!-- layers of ${folder} -->`, `<!-- end of ${folder} -->`];
    const [before, rest = ''] = text.split(start);
    const [, after] = rest.split(end);
    if (after === undefined) return text;
    return `${before}${start}\n\n\`\`\`\n${layersPicture(folder)}\n\`\`\`\n\n${end}${after}`;
  }, page);
}
