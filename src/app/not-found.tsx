import Link from 'next/link';

export default function NotFound() {
  return (
    <main className="mx-auto max-w-lg p-8">
      <h1 className="text-xl font-bold">There is nothing here</h1>
      <p className="text-ink2 mt-2 text-sm">
        No inspection of yours has this address. If it was recorded on another device, it may not
        have arrived yet.
      </p>
      <p className="mt-4">
        <Link className="act" href="/">
          To Today
        </Link>
      </p>
    </main>
  );
}
