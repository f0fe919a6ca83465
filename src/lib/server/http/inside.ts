/** Only a path of this application, never another address. */
export const inside = (to: string | null): string => (to && /^\/(?![/\\])[\w\-./?=&%]*$/.test(to) ? to : '/');
