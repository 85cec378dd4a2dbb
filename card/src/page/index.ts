export * from './cardPage';
export * from './figureSvg';
export * from '../data/cardData';
