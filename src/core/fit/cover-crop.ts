interface Size {
  width: number;
  height: number;
}

/** The part of a picture that is seen where it covers a box, centred: its corner in pixels of the picture, and the scale (CSS Images 3, 5.5 "object-fit: cover"). */
export function coverCrop(picture: Size, box: Size): { x: number; y: number; scale: number } {
  const scale = Math.max(box.width / picture.width, box.height / picture.height);
  return {
    x: (picture.width - box.width / scale) / 2,
    y: (picture.height - box.height / scale) / 2,
    scale,
  };
}
