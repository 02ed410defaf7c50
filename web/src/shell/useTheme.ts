import { useEffect, useState } from 'react';
import { useAppSelector } from '../state/store.ts';

const DARK = '(prefers-color-scheme: dark)';

/** The theme in force, put on the document. */
export function useTheme(): 'light' | 'dark' {
  const wanted = useAppSelector((state) => state.workshop.theme);
  const [system, setSystem] = useState<'light' | 'dark'>(() => (matchMedia(DARK).matches ? 'dark' : 'light'));
  useEffect(() => {
    const media = matchMedia(DARK);
    const follow = (): void => setSystem(media.matches ? 'dark' : 'light');
    media.addEventListener('change', follow);
    return () => media.removeEventListener('change', follow);
  }, []);
  const theme = wanted === 'system' ? system : wanted;
  useEffect(() => {
    document.documentElement.dataset.theme = theme;
  }, [theme]);
  return theme;
}
