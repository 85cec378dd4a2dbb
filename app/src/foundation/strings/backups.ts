/** The catalogue of the backups' screen: loaded with it, not before. */
export { backups as backupsWords } from './en/backups';
