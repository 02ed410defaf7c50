import { useEffect, useState } from 'react';
import { openPicture } from '../storage/pictures.ts';

/** Address of a kept picture for as long as it is shown; null until it is there, or when it is not in this browser. */
export function usePicture(id: string): string | null {
  const [address, setAddress] = useState<string | null>(null);
  useEffect(() => {
    let made: string | null = null;
    let gone = false;
    void openPicture(id).then((blob) => {
      if (!blob || gone) return;
      made = URL.createObjectURL(blob);
      setAddress(made);
    });
    return () => {
      gone = true;
      setAddress(null);
      if (made) URL.revokeObjectURL(made);
    };
  }, [id]);
  return address;
}
