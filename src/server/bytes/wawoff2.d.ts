declare module 'wawoff2' {
  const woff2: { decompress(font: Uint8Array): Promise<Uint8Array> };
  export default woff2;
}
