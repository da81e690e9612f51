import Link from 'next/link';
import type { ComponentProps } from 'react';

/** A link to another screen of an open site. All of the site is there already: what would be fetched ahead is not worth a dozen requests. */
export function ScreenLink(props: ComponentProps<typeof Link>) {
  return <Link {...props} prefetch={false} />;
}
