import { expect, test } from '@jest/globals';
import { bench } from '../../testing/bench';
import { drawBundles } from './draw-bundles';
import { route } from './route';

test('cables of one bundle are tied once where they enter, with its number; others are not', () => {
  const { book } = bench().lines('7 20 12cu', '9 20 12cu', '11 20 12cu');
  const [one, two, three] = book.site.panels[0]!.cables;
  book.observe(one!.id, { bundle: 2 });
  book.observe(two!.id, { bundle: 2 });
  book.observe(three!.id, { bundle: 0 });
  const shapes = drawBundles(route(book.site.panels[0]!));
  expect(shapes.filter(({ kind }) => kind === 'path')).toHaveLength(1);
  expect(shapes.flatMap((shape) => (shape.kind === 'text' ? shape.text : []))).toEqual(['2']);
});

test('where no bundle was recorded none is drawn', () => {
  expect(drawBundles(route(bench().lines('7 20 12cu').book.site.panels[0]!))).toEqual([]);
});
