import { DEFAULT_REFERENCE, type Reference } from '@every-inch/core/piece';
import { edit, selectPart, useAppDispatch, useAppSelector } from '../state/store.ts';
import { TO_MEASURE } from '../storage/pictures.ts';
import { PictureButton } from './PictureButton.tsx';

/** Brings a picture in to work from, for the selected part. */
export function AddReference({ onAdded }: { readonly onAdded?: (id: string) => void }) {
  const dispatch = useAppDispatch();
  const part = useAppSelector(selectPart);
  return (
    <PictureButton
      kept={TO_MEASURE}
      says="+ A picture"
      onPicture={({ ref, widthPx, heightPx }) => {
        const made: Reference = {
          ...DEFAULT_REFERENCE,
          id: ref.id,
          type: ref.type,
          widthPx,
          heightPx,
          part: part?.id ?? null,
        };
        dispatch(edit('a picture', (piece) => ({ ...piece, references: [...piece.references, made] })));
        onAdded?.(ref.id);
      }}
    />
  );
}
