/** Looks of a surface, as plain SVG patterns; defined once a page. */
export const textures = [
  'old',
  'bare',
  'filler',
  'epoxy',
  'high-build',
  'guide-coat',
  'masked',
  'sealer',
] as const;
export type Texture = (typeof textures)[number] | 'colour' | 'clear' | 'sanded' | 'polished';

/** Fill for a look; coloured looks take the paint itself and are finished by `TextureSheen`. */
export function textureFill(texture: string, colour: string): string {
  return (textures as readonly string[]).includes(texture) ? `url(#texture-${texture})` : colour;
}

/** What lies over the colour: a soft highlight for clear, a veil for sanded, a crisp one for polished. */
export function textureSheen(texture: string): string | null {
  return texture === 'clear' || texture === 'sanded' || texture === 'polished'
    ? `url(#sheen-${texture})`
    : null;
}

/** Lightness of the greys differs by at least 12 L* between neighbours of the work: old, bare, epoxy, filler, build. */
export function TextureDefinitions() {
  return (
    <svg width="0" height="0" aria-hidden="true" focusable="false" style={{ position: 'absolute' }}>
      <defs>
        <pattern id="texture-old" width="18" height="18" patternUnits="userSpaceOnUse">
          <rect width="18" height="18" fill="#8f8d8a" />
          <path d="M0 5c4-4 7 3 11 0s5-4 7-2v6c-5 2-6-3-11 0s-5 1-7 0z" fill="#7a7875" />
          <circle cx="5" cy="14" r="2.2" fill="#a3a19d" />
          <circle cx="14" cy="13" r="1.4" fill="#75736f" />
        </pattern>
        <pattern id="texture-bare" width="12" height="4" patternUnits="userSpaceOnUse">
          <rect width="12" height="4" fill="#c9cbcc" />
          <path d="M0 .6h7M5 2.2h7M0 3.4h4" stroke="#a4a7a9" strokeWidth=".7" />
        </pattern>
        <pattern id="texture-epoxy" width="8" height="8" patternUnits="userSpaceOnUse">
          <rect width="8" height="8" fill="#4b4b4b" />
        </pattern>
        <pattern id="texture-filler" width="9" height="9" patternUnits="userSpaceOnUse">
          <rect width="9" height="9" fill="#aba79c" />
          <circle cx="2" cy="2" r="1" fill="#7f7b70" />
          <circle cx="6.5" cy="5" r="1" fill="#cfcbc0" />
          <circle cx="3" cy="7" r=".8" fill="#7f7b70" />
        </pattern>
        <pattern id="texture-high-build" width="8" height="8" patternUnits="userSpaceOnUse">
          <rect width="8" height="8" fill="#e2e2e2" />
        </pattern>
        <pattern id="texture-guide-coat" width="10" height="10" patternUnits="userSpaceOnUse">
          <rect width="10" height="10" fill="#c2c2c2" />
          <path d="M1 1h1.4v1.4H1zM6 3h1.4v1.4H6zM3 6h1.4v1.4H3zM8 8h1.4v1.4H8z" fill="#2c2c2c" />
        </pattern>
        <pattern
          id="texture-masked"
          width="10"
          height="10"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <rect width="10" height="10" fill="#f4f1e8" />
          <rect width="3" height="10" fill="#cbc6b6" />
        </pattern>
        <pattern id="texture-sealer" width="14" height="14" patternUnits="userSpaceOnUse">
          <rect width="14" height="14" fill="#787878" />
          <path d="M0 14 14 0" stroke="#878787" strokeWidth="1" />
        </pattern>
        <pattern id="sheen-clear" width="40" height="40" patternUnits="userSpaceOnUse">
          <path d="M0 40 40 0v14L14 40z" fill="#ffffff" opacity=".16" />
        </pattern>
        <pattern id="sheen-sanded" width="5" height="5" patternUnits="userSpaceOnUse">
          <rect width="5" height="5" fill="#ffffff" opacity=".26" />
          <path d="M0 5 5 0" stroke="#ffffff" strokeWidth=".6" opacity=".5" />
        </pattern>
        <pattern id="sheen-polished" width="46" height="46" patternUnits="userSpaceOnUse">
          <path d="M0 46 46 0v5L5 46z" fill="#ffffff" opacity=".75" />
          <path d="M12 46 46 12v2L14 46z" fill="#ffffff" opacity=".5" />
        </pattern>
        <pattern
          id="hatch-planned"
          width="6"
          height="6"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <rect width="3" height="6" fill="currentColor" />
        </pattern>
      </defs>
    </svg>
  );
}
