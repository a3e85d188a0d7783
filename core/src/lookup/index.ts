export { rowOf } from './row-of';
