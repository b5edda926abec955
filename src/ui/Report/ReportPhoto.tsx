import type { ReportPhoto as Photo } from '@/core/show/report/report';

interface ReportPhotoProps {
  photo: Photo;
  /** Address below which its picture lies. */
  pictures: string;
}

/** A photo with its number at the point it shows. */
export function ReportPhoto({ photo, pictures }: ReportPhotoProps) {
  const { number, digest, width, height, caption, about, pin, by, at } = photo;
  return (
    <figure className="break-inside-avoid">
      <div className="bg-app relative" style={{ aspectRatio: `${width} / ${height}` }}>
        {/* eslint-disable-next-line @next/next/no-img-element -- private, and of known size */}
        <img
          src={`${pictures}/${digest}`}
          alt={caption ?? about ?? `Photo ${number}`}
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
      <figcaption className="text-ink2 text-sm">
        <strong>Photo {number}.</strong> {[caption, about].filter(Boolean).join('. ')}.{' '}
        <span className="whitespace-nowrap">
          {by}, {at.slice(0, 16).replace('T', ' ')}
        </span>
      </figcaption>
    </figure>
  );
}

/** Photos in a row or more. */
export function PhotoRow({ photos, pictures }: { photos: readonly Photo[]; pictures: string }) {
  if (photos.length === 0) return null;
  return (
    <div className="my-3 grid max-w-3xl gap-4 sm:grid-cols-2">
      {photos.map((photo) => (
        <ReportPhoto key={photo.number} photo={photo} pictures={pictures} />
      ))}
    </div>
  );
}
