import { renderToStaticMarkup } from 'react-dom/server';
import type { Sheet } from '@/core/show/report/blocks/sheet';
import { Blocks } from '@/ui/Report/Blocks';

const entities: Record<string, string> = {
  '&lt;': '<',
  '&gt;': '>',
  '&quot;': '"',
  '&#x27;': "'",
  '&amp;': '&',
};

/** The text of the rendered page of a report. */
export const pageText = (sheet: Sheet): string =>
  renderToStaticMarkup(<Blocks {...sheet} pictures="/pictures" />)
    .replaceAll(/<[^>]+>/g, ' ')
    .replaceAll(/&(lt|gt|quot|amp|#x27);/g, (entity) => entities[entity]!)
    .replaceAll(/\s+/g, ' ')
    .trim();
