import { darkPalette, paperPalette } from '@/core/show/drawing/palette';

const variables = (palette: Record<string, string>) =>
  Object.entries(palette)
    .map(([tone, value]) => `--d-${tone}:${value}`)
    .join(';');

/** The drawing's colours as variables of each theme. */
export const drawingStyles = `:root{${variables(paperPalette)}}[data-theme='dark']{${variables(darkPalette)}}@media print{:root{${variables(paperPalette)}}}`;
