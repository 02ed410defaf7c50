import { seenDrawing } from '@every-inch/core/bench';
import { heroicOf, type PartFacts } from '@every-inch/core/context';
import { type Drawing, toSvg } from '@every-inch/core/drawing';
import type { CoreAsk, Side } from '@every-inch/core/form';
import { useState } from 'react';
import { toast } from 'sonner';
import { askOnce } from '../../spine/hooks.ts';
import { save } from '../../storage/shelf.ts';
import { askFile } from '../../workers/useSolid.ts';
import type { Standpoint } from './SolidScene.tsx';

function fileName(context: PartFacts, ending: string): string {
  return `${context.part.name.replace(/[^\p{L}\p{N} -]/gu, '').trim() || 'part'}.${ending}`;
}

/** The directions of a standpoint, as the core names them. */
function sideOf({ around, above }: Standpoint): Side {
  const [a, b] = [(around * Math.PI) / 180, (above * Math.PI) / 180];
  if (Math.abs(above) > 89.9) return { right: [1, 0, 0], up: [0, 0, -Math.sign(above)] };
  return {
    right: [Math.cos(a), 0, -Math.sin(a)],
    up: [-Math.sin(a) * Math.sin(b), Math.cos(b), -Math.cos(a) * Math.sin(b)],
  };
}

interface SolidFilesProps {
  readonly context: PartFacts;
  readonly core: CoreAsk | null;
  readonly standpoint: Standpoint;
}

/** The solid of the selected part as files: triangles at the size of the clay, and its outlines. */
export function SolidFiles({ context, core, standpoint }: SolidFilesProps) {
  const { shrink, part, scale, own } = context;
  const [isBusy, setIsBusy] = useState(false);
  const asked = { form: part.form, heroic: heroicOf(scale.heroic, own), core };
  const saveSvg = (drawing: Drawing, name: string) =>
    save(new File([toSvg(drawing)], fileName(context, `${name}.svg`), { type: 'image/svg+xml' }));
  const made = async (work: () => Promise<void>): Promise<void> => {
    setIsBusy(true);
    try {
      await work();
    } finally {
      setIsBusy(false);
    }
  };
  const saveStl = () =>
    made(async () => {
      const answer = await askFile({ kind: 'stl', ...asked, name: part.name, shrink });
      if (answer.kind === 'fault') toast.error(answer.says);
      if (answer.kind === 'stl')
        save(new File([answer.bytes.slice().buffer], fileName(context, 'stl'), { type: 'model/stl' }));
    });
  const saveFromHere = () =>
    made(async () => {
      const answer = await askFile({ kind: 'seen', ...asked, side: sideOf(standpoint) });
      if (answer.kind === 'fault') toast.error(answer.says);
      if (answer.kind === 'seen') saveSvg(seenDrawing(context, answer.outline, 'as turned'), 'as turned');
    });
  const saveBoth = async () => {
    for (const view of ['front', 'side'] as const) {
      const drawing = await askOnce('bench.part-drawing', { part: part.id, view });
      if (drawing) saveSvg(drawing, view);
    }
  };
  return (
    <>
      <button
        type="button"
        className="press-quiet text-fired"
        disabled={isBusy}
        onClick={() => void saveStl()}
      >
        Save as STL
      </button>
      <button type="button" className="press-quiet text-fired" onClick={() => void saveBoth()}>
        Outlines as SVG
      </button>
      <button
        type="button"
        className="press-quiet text-fired"
        disabled={isBusy}
        onClick={() => void saveFromHere()}
      >
        Outline from here
      </button>
    </>
  );
}
