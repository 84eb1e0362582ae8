import type { MetadataRoute } from 'next';

/** What a device needs to put Ofrenda among its applications. */
export default function manifest(): MetadataRoute.Manifest {
  return {
    id: '/',
    name: 'Ofrenda',
    short_name: 'Ofrenda',
    description: 'Sugar flowers, from the cake to the hand-over.',
    start_url: '/compose',
    scope: '/',
    display: 'standalone',
    background_color: '#eff6f7',
    theme_color: '#eff6f7',
    categories: ['productivity', 'food'],
    icons: [
      { src: '/icons/192.png', sizes: '192x192', type: 'image/png' },
      { src: '/icons/512.png', sizes: '512x512', type: 'image/png' },
      { src: '/icons/maskable-512.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
    ],
  };
}
