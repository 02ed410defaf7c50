import { DEFAULT_ENTRY, type EntryId, newId, type RuleResult } from '@every-inch/core/piece';
import { edit, useAppDispatch, useAppSelector } from '../state/store.ts';

/** How it went for the maker, where a rule warns: it goes into the log, and moves the rule for what was put on. */
export function HowItWent({ of }: { readonly of: Pick<RuleResult, 'rule' | 'stuff'> }) {
  const dispatch = useAppDispatch();
  const readOnly = useAppSelector((state) => state.document.readOnly);
  const say = (outcome: RuleResult['outcome']) => {
    const result: RuleResult = { rule: of.rule, stuff: of.stuff, outcome };
    const entry = {
      ...DEFAULT_ENTRY,
      id: newId<EntryId>('went'),
      at: new Date().toISOString(),
      kind: 'result' as const,
      result,
    };
    dispatch(
      edit(`it went ${outcome === 'good' ? 'well' : 'badly'}`, (old) => ({
        ...old,
        log: [...old.log, entry],
      })),
    );
  };
  return (
    <p className="pb-1.5 pl-16 text-[13px] text-quiet">
      Done it before?
      <button
        type="button"
        className="press-quiet text-fired"
        disabled={readOnly}
        onClick={() => say('good')}
      >
        It went well
      </button>
      <button type="button" className="press-quiet text-fired" disabled={readOnly} onClick={() => say('bad')}>
        It went badly
      </button>
    </p>
  );
}
