/** What became of something that was asked for. */
export function Said({ said }: { said: { good: boolean; words: string } | undefined }) {
  return (
    <p
      role={said && !said.good ? 'alert' : 'status'}
      className={said && !said.good ? 'text-danger font-semibold' : 'text-ink2'}
    >
      {said?.words}
    </p>
  );
}
