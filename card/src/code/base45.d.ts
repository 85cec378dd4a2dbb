declare module 'base45' {
  export function encode(bytes: Uint8Array): string;
}
