/** Ink lines at 45 degrees over what is kept out of. */
export function Hatch({ id }: { id: string }) {
  return (
    <defs>
      <pattern id={id} width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <path d="M0 0V7" stroke="var(--ink-2)" strokeWidth="1.6" />
      </pattern>
    </defs>
  );
}
