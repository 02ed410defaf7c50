/** A likely reason, with what of the record says so. */
interface Cause {
  readonly says: string;
  readonly evidence: string;
  readonly isLikely: boolean;
}

/** Why something went wrong: what the record tells, then, quietly, what it cannot tell. */
export function Causes({ causes }: { readonly causes: readonly Cause[] }) {
  return (
    <>
      <h5 className="heading">Why, most likely</h5>
      <ol className="list-decimal pl-4">
        {causes.map(({ says, evidence, isLikely }) => (
          <li key={`${says} ${evidence}`} className={isLikely ? '' : 'text-quiet'}>
            {says}
            {evidence !== '' && <span className="figure text-quiet"> {evidence}</span>}
          </li>
        ))}
      </ol>
    </>
  );
}

/** What to do about it, line by line; nothing where there is nothing to say. */
export function Lines({ title, lines }: { readonly title: string; readonly lines: readonly string[] }) {
  if (lines.length === 0) return null;
  return (
    <>
      <h5 className="heading mt-1.5">{title}</h5>
      <ul className="list-disc pl-4">
        {lines.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
    </>
  );
}
