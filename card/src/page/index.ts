export * from './cardPage';
export * from '../data/cardData';
