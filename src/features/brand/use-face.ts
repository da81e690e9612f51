'use client';

import { useEffect, useState } from 'react';
import { fontFamily, loadFace } from './faces';
import type { FontFace as Face } from '@/core/brand/fonts';
import type { Site } from '@/core/site/site';

/** The CSS family under which a face of a site’s font can be used in the application, once it has come. */
export function useFace(site: Site, family: string, face: Face): string {
  const [, setLoaded] = useState('');
  const { weight, slant } = face;
  useEffect(() => {
    let wanted = true;
    void loadFace(site, family, { weight, slant }).then((name) => wanted && setLoaded(name));
    return () => {
      wanted = false;
    };
  }, [site, family, weight, slant]);
  return fontFamily(site, family);
}
