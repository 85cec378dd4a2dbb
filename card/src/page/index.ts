export * from './cardPage';
export * from './escaped';
export * from './figureSvg';
export * from '../data/cardData';
