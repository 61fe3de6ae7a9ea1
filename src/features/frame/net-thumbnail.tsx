import { textureFill, textureSheen } from '@/ui/textures';
import type { Thumbnail } from './thumbnail';

/** The net of an object in small, as it looks at a minute. */
export function NetThumbnail({
  thumbnail,
  label,
  className,
}: {
  thumbnail: Thumbnail;
  label: string;
  className: string;
}) {
  return (
    <svg viewBox={thumbnail.viewBox} role="img" aria-label={label} className={className}>
      {thumbnail.shapes.map((shape, i) => {
        const sheen = textureSheen(shape.state);
        return (
          <g key={i} fillRule="evenodd">
            <path
              d={shape.d}
              fill={textureFill(shape.state, shape.colour)}
              stroke="var(--ink)"
              strokeWidth=".6"
            />
            {sheen && <path d={shape.d} fill={sheen} />}
          </g>
        );
      })}
    </svg>
  );
}
