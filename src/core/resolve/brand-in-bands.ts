import { bandChain } from '../bands/band';
import type { Id } from '../ids/id';
import { ofPair } from '../ids/of-pair';
import { brandProperties } from '../properties/brand';
import type { Site } from '../site/site';
import { settledValues } from './settled-values';

/** What the values of the brand are in each band, by name: asked for with every bar that is measured. */
export const brandInBands = ofPair(
  ({ brand, bands }: Pick<Site, 'brand' | 'bands'>): ReadonlyMap<Id, Record<string, unknown>> =>
    new Map(bands.map(({ id }) => [id, settledValues(brand.values, brandProperties, bandChain(bands), id)])),
  ({ brand, bands }) => [brand.values, bands],
);
