import { logoVersions, type LogoVersion } from '../../brand/logo-versions';
import { tokenKinds } from '../../brand/tokens';
import type { Token } from '../../brand/tokens/token-kind';
import { typeStyleProperties } from '../../brand/type-style';
import { brandProperties } from '../../properties/brand';
import { partName } from '../../site/parts';
import type { Site } from '../../site/site';
import { detail, orNothing, quoted, type Thing } from './thing';

function tokenThings({ brand }: Site): Thing[] {
  return tokenKinds.flatMap((kind) => {
    const tokens = brand[kind.family] as Record<string, Token>;
    const says = (value: unknown) =>
      kind.text(value, (family, id) => (brand[family] as Record<string, Token>)[id]?.name ?? id);
    return Object.values(tokens).map((token) => ({
      path: `brand.${kind.family}.${token.id}`,
      area: 'Brand' as const,
      words: () => `${kind.noun} ${quoted(token.name)}`,
      details: () => [
        detail('Name', token.name),
        detail('Value', token.value, () => says(token.value)),
        ...(token.dark === undefined ? [] : [detail('In dark', token.dark, () => says(token.dark))]),
      ],
    }));
  });
}

/** The brand: its values, tokens, type styles, artwork and fonts. */
export function brandThings(site: Site): Thing[] {
  const { brand } = site;
  return [
    {
      path: 'brand',
      area: 'Brand',
      words: () => 'the brand',
      valued: { values: brand.values, properties: brandProperties },
      details: () => [
        ...Object.entries(brand.logo).map(([version, id]) =>
          detail(`Logo, ${logoVersions[version as LogoVersion]}`, id, () =>
            id === null ? 'none' : orNothing(partName(site, 'artwork', id)),
          ),
        ),
      ],
    },
    ...tokenThings(site),
    ...Object.values(brand.typeStyles).map((style): Thing => ({
      path: `brand.typeStyles.${style.id}`,
      area: 'Brand',
      words: () => `type style ${quoted(style.name)}`,
      details: () => [detail('Name', style.name)],
      valued: { values: style.values, properties: typeStyleProperties },
    })),
    ...Object.values(site.artwork).map((artwork): Thing => ({
      path: `artwork.${artwork.id}`,
      area: 'Brand',
      words: () => `artwork ${quoted(artwork.name)}`,
      details: () => [
        detail('Name', artwork.name),
        detail('Alternative text', artwork.alt),
        detail(
          'Picture',
          artwork.hash,
          () => `${artwork.width} x ${artwork.height} px, ${artwork.bytes} bytes`,
        ),
      ],
    })),
    ...Object.values(site.fonts).map((font): Thing => ({
      path: `fonts.${font.id}`,
      area: 'Brand',
      words: () => `font family ${quoted(font.name)}`,
      details: () => [
        detail('Name', font.name),
        detail('Files', font.files, () =>
          font.files.length === 1 ? 'one file' : `${font.files.length} files`,
        ),
      ],
    })),
  ];
}
