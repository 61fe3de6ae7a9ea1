import Image from 'next/image';
import type { Block, PrintedPaper } from '@/core/documents';
import { Table } from '@/ui/layout';

/** A document on the screen and on the paper of the browser: the same blocks as its PDF. */
export function PaperView({ paper: { shop, title, subject, blocks } }: { paper: PrintedPaper }) {
  return (
    <article aria-label={title} className="max-w-3xl">
      <header className="flex items-start justify-between gap-4 border-b-2 border-strong pb-2">
        <div>
          <p className="font-semibold">{shop.name}</p>
          {shop.lines.map((line) => (
            <p key={line} className="text-small text-quiet">
              {line}
            </p>
          ))}
        </div>
        {shop.markSha256 && (
          <Image
            unoptimized
            src={`/api/photos/${shop.markSha256}?thumb`}
            alt={`Mark of ${shop.name}`}
            width={120}
            height={48}
            className="h-12 w-auto object-contain"
          />
        )}
      </header>
      <h2 className="pt-3 text-title font-semibold">{title}</h2>
      <p className="pb-3 text-quiet">{subject}</p>
      <BlocksView blocks={blocks} />
    </article>
  );
}

/** What stands on a paper, without its head. */
export const BlocksView = ({ blocks }: { blocks: readonly Block[] }) =>
  blocks.map((block, i) => <BlockView key={i} block={block} />);

const looks = { plain: '', quiet: 'text-quiet', strong: 'font-semibold' };

function BlockView({ block }: { block: Block }) {
  switch (block.kind) {
    case 'heading':
      return block.level === 1 ? (
        <h3 className={`pt-5 pb-1 text-lead font-semibold ${block.onNewPage ? 'break-before-page' : ''}`}>
          {block.text}
        </h3>
      ) : (
        <h4 className="break-after-avoid pt-2 font-semibold">{block.text}</h4>
      );
    case 'text':
      return <p className={`pb-1 ${looks[block.look]}`}>{block.text}</p>;
    case 'list':
      return (
        <ul className="list-disc pb-1 pl-5">
          {block.items.map((item, i) => (
            <li key={i}>{item}</li>
          ))}
        </ul>
      );
    case 'facts':
      return (
        <dl className="grid grid-cols-[2fr_5fr] gap-x-3 pb-2">
          {block.rows.flatMap(([name, value]) => [
            <dt key={name} className="text-quiet">
              {name}
            </dt>,
            <dd key={`${name} is`}>{value}</dd>,
          ])}
        </dl>
      );
    case 'table':
      return <TableView block={block} />;
    case 'signatures':
      return (
        <div className="grid break-inside-avoid grid-cols-2 gap-8 pt-12">
          {block.lines.map((line) => (
            <p key={line} className="border-t border-strong pt-1 text-small">
              {line}
            </p>
          ))}
        </div>
      );
    case 'photos':
      return <PhotosView block={block} />;
    case 'drawing':
      return <DrawingView block={block} />;
    case 'cards':
      return <CardsView block={block} />;
  }
}

const TableView = ({ block: { caption, columns, rows } }: { block: Extract<Block, { kind: 'table' }> }) => (
  <Table caption={caption} head={columns.map(({ head, right }) => ({ text: head, right }))}>
    {rows.map((row, i) => (
      <tr
        key={i}
        className={`break-inside-avoid border-b border-line align-top tabular-nums ${row.look === 'strong' ? 'font-semibold' : ''}`}
      >
        {columns.map((column, n) => (
          <td key={n} className={`py-[2px] pr-3 ${column.right ? 'text-right' : ''}`}>
            {row.cells[n] ?? ''}
          </td>
        ))}
      </tr>
    ))}
  </Table>
);

const PhotosView = ({ block: { photos } }: { block: Extract<Block, { kind: 'photos' }> }) => (
  <ul className="grid grid-cols-2 gap-3 py-2">
    {photos.map((photo) => (
      <li key={`${photo.sha256}${photo.caption}`} className="break-inside-avoid">
        <Image
          unoptimized
          loading="lazy"
          src={`/api/photos/${photo.sha256}`}
          alt={photo.caption}
          width={photo.widthPx}
          height={photo.heightPx}
          className="h-auto w-full border border-line"
        />
        <p className="text-small">{photo.caption}</p>
      </li>
    ))}
  </ul>
);

const DrawingView = ({
  block: { words, width, height, paths, texts },
}: {
  block: Extract<Block, { kind: 'drawing' }>;
}) => (
  <svg
    viewBox={`-2 -2 ${width + 4} ${height + 4}`}
    role="img"
    aria-label={words}
    className="h-auto max-h-[60vh] w-full break-inside-avoid py-2"
  >
    {paths.map(({ path, fill, stroke }, i) => (
      <path
        key={i}
        d={path}
        fill={fill ?? 'none'}
        stroke={stroke ?? 'none'}
        fillRule="evenodd"
        strokeWidth={width / 800}
      />
    ))}
    {texts.map(({ x, y, text }) => (
      <text key={`${text}${x}`} x={x} y={y} textAnchor="middle" fontSize={width / 75} fill="currentColor">
        {text}
      </text>
    ))}
  </svg>
);

const CardsView = ({ block: { across, cards } }: { block: Extract<Block, { kind: 'cards' }> }) => (
  <div className={`grid gap-3 py-2 ${across === 2 ? 'grid-cols-2' : ''}`}>
    {cards.map((card, i) => (
      <section key={i} aria-label={card.title} className="break-inside-avoid border border-strong p-3">
        <h4 className="font-semibold">{card.title}</h4>
        {card.lines.map((line) => (
          <p key={line}>{line}</p>
        ))}
      </section>
    ))}
  </div>
);
