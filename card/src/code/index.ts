export * from './cardCode';
export * from './qrPath';
