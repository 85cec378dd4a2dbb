declare module 'base45' {
  const base45: { encode(bytes: Uint8Array): string };
  export default base45;
}
