/** How an address begins that holds a project behind it: that part of an address is never sent to a server. */
export const PROJECT_FRAGMENT = "#project=";
