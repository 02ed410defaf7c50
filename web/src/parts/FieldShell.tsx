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
  /** What stands at the entry ÷ what is typed here, for a field that shows it in another frame. */
  readonly entryTimes?: number | undefined;
  /** Why a form cannot be taken as it stands, where it is for this field. */
  readonly fault?: string | undefined;
}

interface ShellProps extends Pick<FieldProps, 'label' | 'hideLabel' | 'fault'> {
  /** Why what is being typed cannot be taken. */
  readonly says?: string | null;
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
export function FieldShell(props: ShellProps) {
  const { label, hideLabel, says: typed = null, fault, side = 'left', block, children } = props;
  const id = useId();
  const says = typed ?? fault ?? null;
  // Over what is typed into at once; in a form that waits, with the form.
  const look =
    typed === null
      ? 'block'
      : `absolute top-full z-20 w-64 border border-wont bg-paper p-2 text-left ${side === 'left' ? 'left-0' : 'right-0'}`;
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
        <span id={`${id}-says`} role="alert" className={`text-[12.5px] text-wont ${look}`}>
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
