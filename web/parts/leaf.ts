/* Pages on their leaves: even ones are on the left; page 1 faces the cover. */

export const isLeft = (page: number) => page % 2 === 0;

/** The other page of the same leaf, where ink shows through. */
export const reverse = (page: number) => (isLeft(page) ? page - 1 : page + 1);

/** The left page of the opening that shows this page; 0 for page 1. */
export const openingOf = (page: number) => (isLeft(page) ? page : page - 1);
