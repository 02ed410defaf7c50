import { useId, useState } from 'react';
import { toast } from 'sonner';
import { type Kept, type KeptPicture, keepPicture, PictureError } from '../storage/pictures.ts';

interface PictureButtonProps {
  readonly onPicture: (picture: KeptPicture) => void;
  /** How finely it is kept; enough to look at, unless said otherwise. */
  readonly kept?: Kept;
  readonly says?: string;
}

/** Asks for a picture file and keeps it. */
export function PictureButton({ onPicture, kept, says = 'Add a picture' }: PictureButtonProps) {
  const id = useId();
  const [isBusy, setIsBusy] = useState(false);
  const take = (file: File): void => {
    setIsBusy(true);
    keepPicture(file, kept)
      .then(onPicture, (error: unknown) => {
        if (!(error instanceof PictureError)) throw error;
        toast.error(error.message);
      })
      .finally(() => setIsBusy(false));
  };
  return (
    <span className="relative inline-block focus-within:outline-2 focus-within:outline-fired">
      <label htmlFor={id} className="press inline-block cursor-pointer">
        {isBusy ? 'Bringing it in …' : says}
      </label>
      <input
        id={id}
        type="file"
        accept="image/*"
        disabled={isBusy}
        className="absolute inset-0 size-full cursor-pointer opacity-0"
        onChange={(event) => {
          const [file] = event.currentTarget.files ?? [];
          event.currentTarget.value = '';
          if (file) take(file);
        }}
      />
    </span>
  );
}
