/** The catalogue of the balance screen in use: loaded with the screen, not before. */
export { balance as balanceWords, weigh as weighWords } from './en/balance';
