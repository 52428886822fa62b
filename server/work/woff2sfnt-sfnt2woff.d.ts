/** Takes a face out of its packing for the web; types for what is used of it. */
declare module 'woff2sfnt-sfnt2woff' {
  const packing: {
    /** @throws where the bytes are no WOFF file. */
    toSfnt(woff: Buffer): Buffer;
  };
  export default packing;
}
