import type { LogEntry, Piece } from '../piece/index.ts';

/** The stage an entry’s lesson speaks up at. */
export function lessonLens(entry: LogEntry): 'bake' | 'size' | 'brief' {
  if (entry.bake) return 'bake';
  return entry.measure ? 'size' : 'brief';
}

/** Lessons for a stage: those of the selected part first, newest first. */
export function lessonsFor(piece: Pick<Piece, 'log'>, lens: string, part: string | null): LogEntry[] {
  return piece.log
    .filter((entry) => entry.lesson.trim() !== '' && lessonLens(entry) === lens)
    .sort((a, b) => Number(b.part === part) - Number(a.part === part) || b.at.localeCompare(a.at));
}
