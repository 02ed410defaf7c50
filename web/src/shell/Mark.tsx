/** The mark: ticks of a rule, one of them fired. */
export function Mark() {
  return (
    <svg aria-hidden viewBox="0 0 22 18" className="h-[18px] w-[22px]">
      {[10, 14, 8, 17, 11, 15].map((height, i) => (
        <line
          key={height}
          x1={1.5 + i * 3.8}
          x2={1.5 + i * 3.8}
          y1={18}
          y2={18 - height}
          stroke={i === 3 ? 'var(--fired)' : 'var(--ink)'}
          strokeWidth={1.5}
        />
      ))}
    </svg>
  );
}
