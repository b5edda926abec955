import type { MetadataRoute } from 'next';

/** As a device puts it among its programs. */
export default function manifest(): MetadataRoute.Manifest {
  return {
    name: 'East Gate',
    short_name: 'East Gate',
    description: 'A logbook of electrical panels that computes.',
    start_url: '/',
    scope: '/',
    display: 'standalone',
    background_color: '#f3f4ef',
    theme_color: '#005f6b',
    icons: [
      { src: '/icon.svg', type: 'image/svg+xml', sizes: 'any' },
      { src: '/icons/192.png', type: 'image/png', sizes: '192x192' },
      { src: '/icons/512.png', type: 'image/png', sizes: '512x512' },
      { src: '/icons/512.png', type: 'image/png', sizes: '512x512', purpose: 'maskable' },
    ],
  };
}
