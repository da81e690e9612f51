import type { Edit } from '../edit';
import type { Phase } from '../properties/phases';
import type { Scheme } from '../properties/schemes';
import type { State } from '../properties/states';
import type { Id } from '../ids/id';
import type { Lead } from '../why/reason';

/** What a finding harms, the worst first: in the words of the screen that lists them. */
export const harms = {
  reach: 'Visitors cannot get there',
  read: 'Visitors cannot read it',
  use: 'Visitors cannot use it',
  breaks: 'It breaks',
  heavy: 'It is heavy',
  untidy: 'It is untidy',
} as const;
export type Harm = keyof typeof harms;

/** Where a finding can be seen: what is left out is the same wherever one looks. */
export interface SeenAt {
  /** Of the viewport, in CSS px. */
  width?: number;
  phase?: Phase;
  page?: Id;
  language?: string;
  state?: State;
  band?: Id;
  scheme?: Scheme;
}

/** What mends a finding: said as what it does. */
export interface Repair {
  label: string;
  edits: readonly Edit[];
}

/** What a check found. */
export interface Found {
  /** What it is about, and where that is changed. */
  lead: Lead;
  /** What it is about, in words, such as `Main header, Logo`. */
  at: string;
  seen: SeenAt;
  /** What was found, for a designer: a sentence. */
  words: string;
  /** What was measured, and what it has to be, with units; null where nothing is counted. */
  measure: string | null;
  limit: string | null;
  repair: Repair | null;
  /** Where it is not that of the check. */
  harm?: Harm;
  /** What tells it from other findings of the check about the same thing. */
  apart?: string;
}

/** A finding: what was found, and by which check. */
export interface Finding extends Omit<Found, 'harm' | 'apart'> {
  check: string;
  harm: Harm;
  /** It stays the same as long as the same check finds the same thing: findings are accepted by it. */
  key: string;
}

/** What a lead is to, as one text without what only says where to look. */
function leadKey(lead: Lead): string {
  if (lead.to === 'placing') return 'placing';
  if (lead.to === 'part') return `${lead.of}.${lead.id}`;
  if (lead.to === 'rules') return `${lead.at.in}.${lead.at.assembly}.${lead.bar}.rules`;
  const place = Object.values(lead.place).join('.');
  return lead.to === 'place' ? place : `${place}.${lead.property}.${lead.cell}`;
}

/** What was found, as a finding of its check. */
export function asFinding(check: string, harm: Harm, { apart, ...found }: Found): Finding {
  const key = [check, leadKey(found.lead), ...(apart === undefined ? [] : [apart])].join(' ').slice(0, 300);
  return { ...found, check, harm: found.harm ?? harm, key };
}
