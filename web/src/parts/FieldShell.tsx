import type { DocumentPath } from '@every-inch/core/reckoning';
import { type ReactNode, useId } from 'react';

/** What every field has. */
export interface FieldProps {
  readonly label: string;
  readonly hideLabel?: boolean | undefined;
  readonly disabled?: boolean | undefined;
  readonly placeholder?: string | undefined;
  readonly className?: string | undefined;
  /** The entry of the document that it makes, so that a working can lead to it. */
  readonly entry?: DocumentPath | undefined;
  /** Why a form cannot be taken as it stands, where it is for this field. */
  readonly fault?: string | undefined;
}

interface ShellProps extends Pick<FieldProps, 'label' | 'hideLabel'> {
  readonly says: string | null;
  /** Where the reason hangs. */
  readonly side?: 'left' | 'right';
  readonly block?: boolean;
  readonly children: (ids: {
    readonly id: string;
    readonly 'aria-invalid': boolean;
    readonly 'aria-describedby': string | undefined;
  }) => ReactNode;
}

/** The label of a field, and the reason why what stands in it cannot be taken. */
export function FieldShell({ label, hideLabel, says, side = 'left', block, children }: ShellProps) {
  const id = useId();
  return (
    <span className={block ? 'relative block' : 'relative inline-block'}>
      <label htmlFor={id} className={hideLabel ? 'sr-only' : 'heading block'}>
        {label}
      </label>
      {children({
        id,
        'aria-invalid': says !== null,
        'aria-describedby': says === null ? undefined : `${id}-says`,
      })}
      {says !== null && (
        <span
          id={`${id}-says`}
          role="alert"
          className={`absolute top-full z-20 w-64 border border-wont bg-paper p-2 text-left text-[12.5px] text-wont ${side === 'left' ? 'left-0' : 'right-0'}`}
        >
          {says}
        </span>
      )}
    </span>
  );
}

/** Marks an element as where an entry is made. */
export function entryMark(entry: DocumentPath | undefined): { 'data-entry'?: string } {
  return entry ? { 'data-entry': entry.join('/') } : {};
}
