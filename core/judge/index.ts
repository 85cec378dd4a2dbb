export * from './cueLadder';
export * from './findings';
export * from './judgeFindings';
export * from './judgeSchema';
export * from './knowledge';
export * from './noisyOr';
export * from './priors';
export * from './worksOn';
