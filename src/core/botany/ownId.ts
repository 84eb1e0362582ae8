/** Ids of a person's own species and methods begin with this, so that none hides one that ships with the product. */
export const OWN_ID = /^own-[a-z0-9-]{1,40}$/;
