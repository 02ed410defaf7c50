import { ArrayNotEmpty, IsNotEmpty, IsNumber, Matches, ValidateIf } from 'class-validator';
import type { Outcome, PictureRef } from '../piece/index.ts';

/** Stands for the piece as a whole where a part is asked for. */
export const WHOLE = 'whole';

/** What every record asks for, as it stands in the form. */
export class RecordDraft {
  /** Id of a part, or {@link WHOLE}. */
  part!: string;
  note!: string;
  /** What to do otherwise next time. */
  lesson!: string;
  pictures!: PictureRef[];
}

/** A bake as it was run and as it came out. */
export class BakeDraft extends RecordDraft {
  /** °C, by the thermometer. */
  @IsNumber({}, { message: 'Enter the heat.' }) temperatureC!: number | null;
  @IsNumber({}, { message: 'Enter the minutes.' }) minutes!: number | null;
  outcome!: Outcome;
}

/** A length of a part as it was made. */
export class MeasureDraft extends RecordDraft {
  @Matches(new RegExp(`^(?!${WHOLE}$)`), { message: 'Choose the part that was measured.' })
  override part!: string;
  /** Which of its measures. */
  @IsNotEmpty({ message: 'Choose what was measured.' }) key!: string;
  /** Miniature mm. */
  @IsNumber({}, { message: 'Enter the length as made.' }) madeMm!: number | null;
}

/** A line, a picture, or both. */
export class NoteDraft extends RecordDraft {
  @ValidateIf(({ pictures }: NoteDraft) => pictures.length === 0)
  @Matches(/\S/, { message: 'Write a line or add a picture.' })
  override note!: string;
  @ValidateIf(({ note }: NoteDraft) => note.trim() === '')
  @ArrayNotEmpty({ message: 'Write a line or add a picture.' })
  override pictures!: PictureRef[];
}
