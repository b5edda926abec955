import Link from 'next/link';

/**
 * The name and its sign: a lock gate. Leads to Today.
 * @param narrow the sign alone, where there is little room
 */
export function Brand({ narrow = false }: { narrow?: boolean }) {
  return (
    <Link href="/" className="text-ink flex items-center gap-2 font-semibold">
      <svg
        width="18"
        height="20"
        viewBox="0 0 18 20"
        aria-hidden="true"
        fill="none"
        stroke="var(--accent)"
        strokeWidth="2"
      >
        <path d="M2 1v18M16 1v18M2 5l7 4 7-4M2 12l7 4 7-4" />
      </svg>
      <span className={narrow ? 'max-2xl:sr-only' : ''}>East Gate</span>
    </Link>
  );
}
