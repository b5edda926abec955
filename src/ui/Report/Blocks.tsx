import type { ReactNode } from 'react';
import type { Block, Item, Line } from '@/core/show/report/blocks/block';
import type { Drawings } from '@/core/show/report/blocks/sheet';
import { GradeMark } from '../primitives/GradeMark';
import { WhyHereDrawing } from '../primitives/WhyHereFigure';
import { SheetDrawing } from './SheetDrawing';
import { SheetLetterhead } from './SheetLetterhead';
import { SheetPhotos } from './SheetPhotos';
import { SheetTable } from './SheetTable';
import { SheetWords } from './SheetWords';

export interface BlocksProps {
  blocks: readonly Block[];
  drawings: Drawings;
  /** Address below which the pictures lie. */
  pictures: string;
}

/** Blocks of a report as a page; it adds no word, order or condition of its own. */
export function Blocks({ blocks, ...at }: BlocksProps): ReactNode {
  return blocks.map((block, index) => <OneBlock key={index} block={block} {...at} />);
}

function OneBlock({ block, ...at }: Omit<BlocksProps, 'blocks'> & { block: Block }): ReactNode {
  switch (block.kind) {
    case 'heading':
      return <Heading {...block} />;
    case 'paragraph':
      return (
        <p
          className={paragraphs[block.style ?? 'plain']}
          role={block.style === 'alarm' ? 'note' : undefined}
        >
          <SheetWords words={block.words} />
        </p>
      );
    case 'items':
      return (
        <dl className="mt-2 grid gap-x-4 text-sm md:grid-cols-[9rem_1fr] md:gap-y-1.5">
          {block.items.map((item, index) => (
            <OneItem key={index} {...item} />
          ))}
        </dl>
      );
    case 'list':
      return <List lines={block.lines} counted={block.counted ?? false} />;
    case 'table':
      return <SheetTable table={block} />;
    case 'drawing':
      return <SheetDrawing drawn={at.drawings[block.of]!} />;
    case 'photos':
      return <SheetPhotos photos={block.photos} pictures={at.pictures} />;
    case 'letterhead':
      return <SheetLetterhead letterhead={block} pictures={at.pictures} />;
    case 'callout':
      return (
        <div className="border-danger mt-2 grid gap-1 border-l-4 pl-3 text-sm">
          <Blocks blocks={block.blocks} {...at} />
        </div>
      );
    case 'keep':
      return (
        <div id={block.id} className="border-hair break-inside-avoid border-b py-3 last:border-b-0">
          <Blocks blocks={block.blocks} {...at} />
        </div>
      );
    case 'page':
      return (
        <div className="break-before-page">
          <Blocks blocks={block.blocks} {...at} />
        </div>
      );
    case 'beside':
      return (
        <div className="mt-4 grid gap-8 lg:grid-cols-[4fr_5fr]">
          <div>
            <Blocks blocks={block.first} {...at} />
          </div>
          <div className="grid content-start gap-6">
            <Blocks blocks={block.second} {...at} />
          </div>
        </div>
      );
    case 'fold':
      return (
        <details className="mt-2 text-sm" open={block.open}>
          <summary className="text-ink2 cursor-pointer">{block.title}</summary>
          <Blocks blocks={block.blocks} {...at} />
        </details>
      );
  }
}

const paragraphs = {
  plain: 'mt-1 text-sm',
  lead: 'mt-4 text-[26px] leading-8 font-bold',
  alarm: 'border-danger mb-4 border-l-8 pl-3 text-lg font-bold',
} as const;

const headings = {
  1: 'text-lg font-bold',
  2: 'border-ink mt-8 border-b-2 pb-1 text-lg font-bold first:mt-0',
  3: 'text-heading mt-2 font-bold',
} as const;

function Heading({ level, text, id, grade }: Extract<Block, { kind: 'heading' }>) {
  const Tag = `h${level}` as const;
  return (
    <Tag
      id={id}
      className={`${headings[level]} ${grade ? 'flex items-baseline gap-2' : ''}`}
      style={grade && { color: `var(--${grade})` }}
    >
      {grade && <GradeMark grade={grade} size={16} />}
      {grade ? <span>{text}</span> : text}
    </Tag>
  );
}

function OneItem({ term, words, figure }: Item) {
  return (
    <>
      <dt className="text-ink2 font-semibold max-md:mt-1.5">{term}</dt>
      <dd>
        <SheetWords words={words} />
        {figure && <WhyHereDrawing why={figure} />}
      </dd>
    </>
  );
}

function List({ lines, counted }: { lines: readonly Line[]; counted: boolean }) {
  const Tag = counted ? 'ol' : 'ul';
  const graded = lines.some(({ grade }) => grade);
  return (
    <Tag
      className={
        graded
          ? 'border-line mt-8 grid gap-4 border-y py-3 sm:grid-cols-2 lg:grid-cols-5'
          : `mt-1 grid gap-1 text-sm ${counted ? 'list-decimal pl-6' : ''}`
      }
    >
      {lines.map(({ grade, words }, index) => (
        <li key={index} className={graded ? 'flex gap-2' : ''}>
          {grade && <GradeMark grade={grade} size={18} />}
          <span>
            <SheetWords words={words} />
          </span>
        </li>
      ))}
    </Tag>
  );
}
