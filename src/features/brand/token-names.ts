import type { TokenFamily } from '@/core/brand/tokens/token-kind';
import type { Id } from '@/core/ids/id';
import type { Site } from '@/core/site/site';

/** The name of a token by its id, as texts of values have it. */
export function tokenName(site: Site): (family: TokenFamily, id: Id) => string {
  return (family, id) => site.brand[family][id]?.name ?? '?';
}

/** The id of a token by its name, capitals aside; null when none has it. */
export function tokenNamed(site: Site): (family: TokenFamily, name: string) => Id | null {
  return (family, name) =>
    Object.values(site.brand[family]).find((token) => token.name.toLowerCase() === name.trim().toLowerCase())
      ?.id ?? null;
}
