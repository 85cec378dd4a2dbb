declare module 'base45' {
  const base45: {
    encode(bytes: Uint8Array): string;
    decode(text: string): Iterable<number>;
  };
  export default base45;
}
