import type * as v from 'valibot';

/** The families of the brand's tokens; each is a collection of the brand with this name. */
export type TokenFamily = 'colours' | 'radii' | 'shadows' | 'borders' | 'durations' | 'easings';

/** A named value of the brand, such as a colour or a corner radius. */
export interface Token<T = unknown> {
  id: string;
  name: string;
  value: T;
  /** Its value for visitors who prefer dark; the same one where it is left out. */
  dark?: T;
}

/** Gives CSS that stands for another token: `var(--line)`. */
export type TokenCss = (family: TokenFamily, id: string) => string;

/** A family of tokens: one file in this folder, and one line in the list of families. */
export interface TokenKind<T = unknown> {
  family: TokenFamily;
  /** One of them, in the words of the interface. */
  noun: string;
  /** What the custom properties of added tokens begin with: `--radius-card`. Those of standard ones are their ids. */
  prefix: string;
  schema: v.GenericSchema<unknown, T>;
  /** Whether its tokens may have another value for visitors who prefer dark. */
  schemes?: boolean;
  /** The tokens that every site has: they can be changed, but not removed. */
  standard: readonly Token<T>[];
  css(value: T, token: TokenCss): string;
  /** What a value of the family is typed like. */
  text(value: T, nameOf: (family: TokenFamily, id: string) => string): string;
  /** Reads what was typed; `idOf` finds another token by its name. */
  read(text: string, idOf: (family: TokenFamily, name: string) => string | null): TokenReading<T>;
  /** What a value points at inside the brand. */
  references?(value: T): { to: TokenFamily; id: string }[];
}

export type TokenReading<T> = { ok: true; value: T } | { ok: false; reason: string };

/** States a family with the type of its values, to be kept among others in a list. */
export function tokenKind<T>(kind: TokenKind<T>): TokenKind {
  return kind as unknown as TokenKind;
}
