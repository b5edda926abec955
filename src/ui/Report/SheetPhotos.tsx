import type { PhotoOnSheet } from '@/core/show/report/blocks/block';

interface SheetPhotosProps {
  photos: readonly PhotoOnSheet[];
  /** Address below which the pictures lie. */
  pictures: string;
}

/** Photos in a row or more, each with its number at the point it shows. */
export function SheetPhotos({ photos, pictures }: SheetPhotosProps) {
  return (
    <div className="my-3 grid max-w-3xl gap-4 sm:grid-cols-2">
      {photos.map(({ number, digest, width, height, alt, caption, pin }) => (
        <figure key={number} className="break-inside-avoid">
          <div className="bg-app relative" style={{ aspectRatio: `${width} / ${height}` }}>
            {/* eslint-disable-next-line @next/next/no-img-element -- private, and of known size */}
            <img
              src={`${pictures}/${digest}`}
              alt={alt}
              width={width}
              height={height}
              loading="lazy"
              className="h-full w-full"
            />
            {pin && (
              <span
                className="border-danger bg-sheet text-ink absolute grid size-7 -translate-1/2 place-items-center rounded-full border-3 font-bold"
                style={{ left: `${pin.x * 100}%`, top: `${pin.y * 100}%` }}
              >
                {number}
              </span>
            )}
          </div>
          <figcaption className="text-ink2 text-sm">{caption}</figcaption>
        </figure>
      ))}
    </div>
  );
}
