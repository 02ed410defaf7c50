import type { Reference } from '@every-inch/core/piece';
import { AddReference } from '../../parts/AddReference.tsx';
import { Section } from '../../parts/Sections.tsx';
import { TextField } from '../../parts/TextField.tsx';
import { usePicture } from '../../parts/usePicture.ts';
import { editAt, useAppDispatch, useOfPiece } from '../../state/store.ts';

function ReferenceCard({ reference }: { readonly reference: Reference }) {
  const dispatch = useAppDispatch();
  const address = usePicture(reference.id);
  const set = (field: 'caption' | 'source', text: string) =>
    dispatch(editAt(`${field} of a picture`, ['references', reference.id, field], text.slice(0, 200)));
  return (
    <li className="w-56">
      {address ? (
        <img
          src={address}
          alt={reference.caption || 'Picture without a caption'}
          className="h-36 w-full border border-hair bg-paper object-contain"
        />
      ) : (
        <p className="h-36 border border-hair p-2 text-[13px] text-quiet">not in this browser</p>
      )}
      <TextField
        label="Caption"
        value={reference.caption}
        placeholder="what to look at in it"
        onText={(text) => set('caption', text)}
      />
      <TextField
        label="Source"
        value={reference.source}
        placeholder="who took or drew it"
        onText={(text) => set('source', text)}
      />
    </li>
  );
}

/** Pictures to work from. */
export function References() {
  const references = useOfPiece((piece) => piece.references);
  return (
    <Section id="references" title="Pictures to work from" edits={['references']}>
      <p className="mb-1 text-[13px] text-quiet">
        They stay in this browser and in exported files; in Size, lengths are taken off them.
      </p>
      {references.length > 0 && (
        <ul className="mb-2 flex flex-wrap gap-4">
          {references.map((reference) => (
            <ReferenceCard key={reference.id} reference={reference} />
          ))}
        </ul>
      )}
      <AddReference />
    </Section>
  );
}
