'use client';

import { useEffect, useState } from 'react';

/** A picture that headers over a picture are judged with. */
export interface JudgedPicture {
  name: string;
  blob: Blob;
  /** An address to show it under. */
  address: string;
}

/** The pictures that ship with the application: drawn by scripts/pictures.mjs. */
const shipped = {
  'Bright sky': '/pictures/bright-sky.webp',
  'Dark night': '/pictures/dark-night.webp',
  'Busy harbour': '/pictures/busy-harbour.webp',
  Plain: '/pictures/plain.webp',
};

/** The pictures to judge with, the shipped ones first; own ones stay in this window and are not part of the site. */
export function usePictures(): [JudgedPicture[], (file: File) => Promise<string | null>] {
  const [pictures, setPictures] = useState<JudgedPicture[]>([]);
  useEffect(() => {
    let gone = false;
    const fetched = Object.entries(shipped).map(async ([name, address]) => ({
      name,
      address,
      blob: await (await fetch(address)).blob(),
    }));
    void Promise.all(fetched).then((all) => {
      if (!gone) setPictures((own) => [...all, ...own]);
    });
    return () => {
      gone = true;
    };
  }, []);
  /** Adds a picture of one's own; gives the reason when it cannot be read. */
  const add = async (file: File): Promise<string | null> => {
    const bitmap = await createImageBitmap(file).catch(() => null);
    if (!bitmap) return `“${file.name}” is not a picture that can be read.`;
    bitmap.close();
    const name = file.name.replace(/\.\w+$/, '').slice(0, 40);
    setPictures((before) => [...before, { name, blob: file, address: URL.createObjectURL(file) }]);
    return null;
  };
  return [pictures, add];
}
