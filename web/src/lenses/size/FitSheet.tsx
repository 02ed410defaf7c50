import { Fits } from '../../parts/Fits.tsx';
import { usePartFacts } from '../../spine/hooks.ts';
import { selectPart, useAppSelector } from '../../state/store.ts';
import { BaseChooser } from './BaseChooser.tsx';

/** How parts go together, and what the selected one stands on. */
export default function FitSheet() {
  const part = useAppSelector(selectPart);
  const readOnly = useAppSelector((state) => state.document.readOnly);
  const context = usePartFacts(part?.id);
  return (
    <fieldset disabled={readOnly} className="min-w-0">
      <Fits />
      {context && <BaseChooser key={context.part.id} context={context} />}
    </fieldset>
  );
}
