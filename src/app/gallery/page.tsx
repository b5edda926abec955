import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { drawPanel } from '@/core';
import { sheetSize } from '@/core/show/drawing/geometry';
import { shapesText } from '@/core/show/drawing/svg-text';
import { gallery } from '@/core/testing/gallery';

export const metadata: Metadata = { title: 'Gallery of panels' };

/** Panels of every kind and state side by side, for whoever works on the drawing. Not in what is built. */
export default function GalleryPage() {
  if (process.env.NODE_ENV === 'production') notFound();
  return (
    <main className="bg-sheet min-h-dvh p-6">
      <h1 className="text-xl font-bold">Panels of every kind and state</h1>
      <div className="mt-4 grid gap-8 md:grid-cols-2 xl:grid-cols-3">
        {gallery.map(([name, make]) => {
          const { site } = make().book;
          const { geometry, shapes } = drawPanel(site.panels[0]!, site);
          const { width, height } = sheetSize(geometry);
          return (
            <figure key={name}>
              <figcaption className="font-bold">{name}</figcaption>
              <svg
                viewBox={`-4 -0.6 ${width + 8} ${height + 1.2}`}
                className="w-full"
                role="img"
                aria-label={name}
                dangerouslySetInnerHTML={{
                  __html: shapesText(shapes, (tone) => `var(--d-${tone})`),
                }}
              />
            </figure>
          );
        })}
      </div>
    </main>
  );
}
