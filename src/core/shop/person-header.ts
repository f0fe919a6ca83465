/** The header in which a page says whose it is: nothing is recorded under the name of whoever signed in beside it meanwhile. */
export const PERSON_HEADER = 'x-uncinus-person';
