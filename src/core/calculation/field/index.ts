/** How fields are written: `mm('boreMm', 'Measured', { ...over0(200), required: true })`. */
export { choice, keysOf, yesNo } from './choice.js';
export * from './ends.js';
export { group, list } from './group.js';
export * from './number.js';
export { date, text } from './text.js';
